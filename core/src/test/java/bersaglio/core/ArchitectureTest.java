package bersaglio.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noFields;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import bersaglio.core.goal.Memo;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;

class ArchitectureTest {

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("bersaglio.core");

    @Test
    void theRulesKnowNothingButThemselves() {
        classes()
                .that()
                .resideInAPackage("bersaglio.core..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("bersaglio.core..", "java.lang..", "java.util..", "org.apache.commons.statistics..")
                .check(CORE);
    }

    /** The same classes run in the page: nothing there may need a clock, chance, reflection or heavy formatting. */
    @Test
    void theRulesUseNothingThatThePageCannotCarry() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.time..", "java.text..", "java.util.regex..", "java.lang.reflect..")
                .orShould()
                .dependOnClassesThat()
                .haveFullyQualifiedName("java.util.Random")
                .orShould()
                .callMethod(String.class, "format", String.class, Object[].class)
                .orShould()
                .callMethod(System.class, "currentTimeMillis")
                .check(CORE);
    }

    @Test
    void thePackagesHaveNoCircle() {
        slices().matching("bersaglio.core.(*)..").should().beFreeOfCycles().check(CORE);
    }

    /** What is kept for a second asking is kept by whoever asks. */
    @Test
    void theRulesKeepNothing() {
        fields().that().areStatic().should().beFinal().check(CORE);
        noFields()
                .that()
                .areStatic()
                .should()
                .haveRawType(Map.class)
                .orShould()
                .haveRawType(HashMap.class)
                .orShould()
                .haveRawType(ConcurrentHashMap.class)
                .orShould()
                .haveRawType(Memo.class)
                .check(CORE);
        noClasses()
                .that()
                .doNotBelongToAnyOf(Memo.class)
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.util.concurrent..")
                .check(CORE);
    }
}
