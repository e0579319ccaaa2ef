package bersaglio.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import bersaglio.server.storage.Writer;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.TransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionOperations;

class ArchitectureTest {

    private final JavaClasses server = new ClassFileImporter()
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
                .check(server);
    }

    @Test
    void theCapabilitiesHaveNoCircle() {
        slices().matching("bersaglio.server.(*)..").should().beFreeOfCycles().check(server);
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
                .check(server);
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
                .check(server);
    }
}
