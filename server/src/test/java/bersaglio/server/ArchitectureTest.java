package bersaglio.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Retreat;
import bersaglio.core.goal.Goal;
import bersaglio.server.storage.Writer;
import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.TransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.web.bind.annotation.RestController;

class ArchitectureTest {

    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("bersaglio.server");

    @Test
    void aStoreHoldsNoRule() {
        noClasses()
                .that()
                .areAnnotatedWith(Repository.class)
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("bersaglio.core.odds..", "bersaglio.core.plan..")
                .orShould()
                .dependOnClassesThat()
                .haveSimpleName("Ledger")
                .check(SERVER);
    }

    /** Which kinds there are of goals, rules and zones, and what a rate is, is known to the rules alone. */
    @Test
    void whatAnswersKnowsNoKindOfGoalOrRuleAndNoRate() {
        noClasses()
                .that()
                .areAnnotatedWith(Repository.class)
                .or()
                .areAnnotatedWith(RestController.class)
                .should()
                .dependOnClassesThat(kindsOf(Goal.class, AdvanceRule.class, Retreat.class))
                .orShould()
                .dependOnClassesThat()
                .resideInAnyPackage("bersaglio.core.odds..")
                .check(SERVER);
    }

    private static DescribedPredicate<JavaClass> kindsOf(Class<?>... families) {
        return DescribedPredicate.describe("kinds of " + Arrays.toString(families), one -> Arrays.stream(families)
                .anyMatch(family -> one.isAssignableTo(family) && !one.isEquivalentTo(family)));
    }

    @Test
    void aCapabilityUsesNoStoreOfAnother() {
        noClasses().should(dependOnAStoreOfAnotherPackage()).check(SERVER);
    }

    private static ArchCondition<JavaClass> dependOnAStoreOfAnotherPackage() {
        return new ArchCondition<>("depend on a store of another package") {
            @Override
            public void check(JavaClass one, ConditionEvents events) {
                for (Dependency dependency : one.getDirectDependenciesFromSelf()) {
                    JavaClass other = dependency.getTargetClass();
                    boolean store = other.isAnnotatedWith(Repository.class)
                            && !other.getPackage().equals(one.getPackage())
                            && !other.getPackageName().endsWith(".storage");
                    events.add(new SimpleConditionEvent(one, store, dependency.getDescription()));
                }
            }
        };
    }

    @Test
    void theCapabilitiesHaveNoCircle() {
        slices().matching("bersaglio.server.(*)..").should().beFreeOfCycles().check(SERVER);
    }

    @Test
    void onlyStoresSpeakSql() {
        noClasses()
                .that()
                .areNotAnnotatedWith(Repository.class)
                .and()
                .resideOutsideOfPackage("bersaglio.server.storage..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("org.springframework.jdbc..")
                .check(SERVER);
    }

    @Test
    void onlyTheWriterBeginsATransaction() {
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName(Writer.class.getName())
                .and()
                .resideOutsideOfPackage(Writer.class.getName() + "..")
                .should()
                .dependOnClassesThat()
                .areAssignableTo(TransactionOperations.class)
                .orShould()
                .dependOnClassesThat()
                .areAssignableTo(TransactionManager.class)
                .orShould()
                .dependOnClassesThat()
                .areAssignableTo(Transactional.class)
                .check(SERVER);
    }
}
