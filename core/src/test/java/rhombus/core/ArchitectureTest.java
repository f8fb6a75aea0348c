package rhombus.core;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaFieldAccess;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Collection;
import java.util.Deque;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
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

    /**
     * A class can be read, and tested, without those that are built on it: also within a package, arrows go one way. Two circles are
     * left, a keymap with its catalogue and file, and a batch with its parts.
     */
    @Test
    void noPackageHasACircleInside() {
        Set<String> left = Set.of("rhombus.core.keymap", "rhombus.core.submit");
        List<String> found = CORE.stream()
                .map(c -> c.getPackageName())
                .distinct()
                .filter(p -> !left.contains(p))
                .flatMap(p -> circles(p).stream())
                .toList();
        assertThat(found).isEmpty();
        left.forEach(p -> assertThat(circles(p))
                .as("%s has no circle any more: take it off the list", p)
                .hasSize(1));
    }

    /** The outer classes of a package that need each other, directly or not: a line for each circle. */
    private static List<String> circles(String name) {
        Map<String, Set<String>> uses = new TreeMap<>();
        for (JavaClass c : CORE.getPackage(name).getClasses()) {
            Set<String> used = uses.computeIfAbsent(outer(c), k -> new TreeSet<>());
            for (Dependency d : c.getDirectDependenciesFromSelf()) {
                JavaClass to = d.getTargetClass().getBaseComponentType();
                if (to.getPackageName().equals(name) && !outer(to).equals(outer(c))) {
                    used.add(outer(to));
                }
            }
        }
        Set<String> out = new TreeSet<>();
        uses.keySet().forEach(a -> {
            List<String> circle = uses.keySet().stream()
                    .filter(b ->
                            reached(uses, a).contains(b) && reached(uses, b).contains(a))
                    .toList();
            if (!circle.isEmpty()) {
                out.add(name + ": " + String.join(" ", circle));
            }
        });
        return List.copyOf(out);
    }

    private static Set<String> reached(Map<String, Set<String>> uses, String from) {
        Set<String> seen = new TreeSet<>();
        Deque<String> todo = new ArrayDeque<>(uses.get(from));
        while (!todo.isEmpty()) {
            String next = todo.pop();
            if (seen.add(next)) {
                todo.addAll(uses.getOrDefault(next, Set.of()));
            }
        }
        return seen;
    }

    private static String outer(JavaClass c) {
        return c.getEnclosingClass().map(ArchitectureTest::outer).orElse(c.getSimpleName());
    }
}
