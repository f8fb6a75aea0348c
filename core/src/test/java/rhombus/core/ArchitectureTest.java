package rhombus.core;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaFieldAccess;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import java.util.Arrays;
import java.util.Collection;
import org.junit.jupiter.api.Test;
import rhombus.core.scene.Scene;
import rhombus.core.stage.commands.CommandGate;
import rhombus.core.stage.subject.SceneEditor;
import rhombus.core.stage.view.SceneModel;
import rhombus.core.stage.view.Viewport;
import rhombus.core.words.Messages;

class ArchitectureTest {
    private static final String[] FLOORS = {
        "words",
        "plain",
        "device",
        "geometry",
        "match",
        "optics",
        "scene",
        "view",
        "navigate",
        "glossary",
        "pick",
        "table",
        "display",
        "light",
        "submit",
        "edit",
        "habits",
        "board",
        "keymap",
        "stage",
        "drill",
        "page"
    };
    /** Once for all tests: reading them takes longer than asking. */
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("rhombus.core");

    @Test
    void eachPackageUsesOnlyThoseBelowIt() {
        floors("rhombus.core.", FLOORS).check(CORE);
    }

    private static ArchRule floors(String root, String[] names) {
        var rule = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String floor : names) {
            rule = rule.layer(floor).definedBy(root + floor + "..");
        }
        for (int i = 0; i < names.length; i++) {
            String[] above = Arrays.copyOfRange(names, i + 1, names.length);
            rule = above.length == 0
                    ? rule.whereLayer(names[i]).mayNotBeAccessedByAnyLayer()
                    : rule.whereLayer(names[i]).mayOnlyBeAccessedByLayers(above);
        }
        return rule;
    }

    /** The rooms of the running part, from the lowest up. */
    private static final String[] ROOMS = {
        "view", "subject", "tool", "motion", "boards", "marks", "input", "keymaps", "coach", "commands", "show"
    };

    private static final String STAGE = "rhombus.core.stage";

    @Test
    void eachRoomUsesOnlyThoseBelowIt() {
        floors(STAGE + ".", ROOMS).check(CORE);
        slices().matching(STAGE + ".(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void noRoomKnowsTheStage() {
        noClasses()
                .that()
                .resideInAPackage(STAGE + ".*..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage(STAGE)
                .check(CORE);
    }

    @Test
    void onlyTheViewRoomChangesWhatAViewportRemembers() {
        noClasses()
                .that()
                .resideOutsideOfPackage(STAGE + ".view")
                .should()
                .setFieldWhere(describe("of a viewport", (JavaFieldAccess a) -> a.getTargetOwner()
                        .isEquivalentTo(Viewport.class)))
                .check(CORE);
    }

    @Test
    void onlyEditingChangesTheScene() {
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName(SceneEditor.class.getName())
                .should()
                .callMethod(SceneModel.class, "show", Scene.class, Collection.class)
                .check(CORE);
    }

    /** What a command does is reached through the gate alone, which knows what is under way. */
    @Test
    void onlyTheGateRunsCommands() {
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName(CommandGate.class.getName())
                .and()
                .doNotHaveFullyQualifiedName(STAGE + ".commands.CommandRunner")
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName(STAGE + ".commands.CommandRunner")
                .check(CORE);
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName(STAGE + ".commands.CommandRunner")
                .should()
                .callMethodWhere(describe(
                        "of a handler",
                        (JavaMethodCall c) -> c.getTargetOwner().getName().equals(STAGE + ".commands.CommandHandler")))
                .check(CORE);
    }

    @Test
    void theCoreKnowsNothingButPlainJava() {
        classes()
                .that()
                .doNotBelongToAnyOf(Messages.class)
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("rhombus.core..", "java.lang..", "java.util..")
                .check(CORE);
        // Where there are files, its words lie in one of them.
        classes()
                .that()
                .belongToAnyOf(Messages.class)
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("rhombus.core.words", "java.lang..", "java.util..", "java.io", "java.nio.charset")
                .check(CORE);
    }
}
