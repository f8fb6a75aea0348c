package rhombus.core;

import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final String[] FLOORS =
            {"plain", "geometry", "scene", "view", "navigate", "pick", "display", "edit", "habits", "board", "keymap", "stage"};
    private final JavaClasses core =
            new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("rhombus.core");

    @Test
    void eachPackageUsesOnlyThoseBelowIt() {
        var rule = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String floor : FLOORS) {
            rule = rule.layer(floor).definedBy("rhombus.core." + floor + "..");
        }
        for (int i = 0; i < FLOORS.length; i++) {
            String[] above = java.util.Arrays.copyOfRange(FLOORS, i + 1, FLOORS.length);
            rule = above.length == 0
                    ? rule.whereLayer(FLOORS[i]).mayNotBeAccessedByAnyLayer()
                    : rule.whereLayer(FLOORS[i]).mayOnlyBeAccessedByLayers(above);
        }
        rule.check(core);
    }

    @Test
    void theCoreKnowsNothingButPlainJava() {
        classes().should().onlyDependOnClassesThat()
                .resideInAnyPackage("rhombus.core..", "java.lang..", "java.util..")
                .check(core);
    }
}
