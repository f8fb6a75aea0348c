package rhombus.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import rhombus.core.Effort;
import rhombus.core.geometry.Mat4;
import rhombus.core.geometry.Quat;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.Light;
import rhombus.core.scene.ParametricShape;
import rhombus.core.scene.Scene;
import rhombus.core.stage.Scenes;

class SceneEditsTest {
    private static final Light LAMP = new Light("point", new Vec3(1, 1, 1), 40, 0);

    /** Nodes that are in the scene. */
    static List<Integer> present(Scene s) {
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            if (!s.node(i).gone()) {
                out.add(i);
            }
        }
        return out;
    }

    /** One edit of any sort there is, or the same scene where it cannot be done. */
    static Scene any(Scene s, Random r) {
        List<Integer> there = present(s);
        if (there.isEmpty()) {
            return SceneEdits.add(s, ParametricShape.usual(ParametricShape.Sort.BOX, 1), Mat4.identity())
                    .scene();
        }
        List<Integer> some = new ArrayList<>();
        for (int k = r.nextInt(3); k >= 0; k--) {
            int n = there.get(r.nextInt(there.size()));
            if (!some.contains(n)) {
                some.add(n);
            }
        }
        int one = some.get(0);
        Vec3 v = new Vec3(r.nextGaussian(), r.nextGaussian(), r.nextGaussian());
        List<Integer> roots = SceneEdits.roots(s, some);
        boolean crowded = there.size() > 40;
        return switch (r.nextInt(20)) {
            case 0, 1, 2 -> s.withLocals(Transforms.move(s, roots, v));
            case 3, 4 -> s.withLocals(Transforms.turn(s, roots, s::pivot, Quat.about(v.unit(), r.nextDouble() * 6)));
            case 5 ->
                s.withLocals(Transforms.scale(
                        s,
                        roots,
                        s::pivot,
                        TransformAxes.WORLD,
                        new Vec3(0.5 + r.nextDouble(), 0.5 + r.nextDouble(), 0.5 + r.nextDouble())));
            case 6 -> SceneEdits.each(s, some, n -> n.withHidden(!n.hidden()));
            case 7 -> SceneEdits.each(s, some, n -> n.withLocked(!n.locked()));
            case 8 -> SceneEdits.each(s, some, n -> n.withName("Name " + r.nextInt(9)));
            case 9 -> SceneEdits.each(s, some, n -> n.withPivot(r.nextBoolean() ? v : null));
            case 10 -> SceneEdits.group(s, some, "Group").scene();
            case 11 ->
                SceneEdits.ungroup(
                                s,
                                some.stream()
                                        .filter(n -> !s.children(n).isEmpty())
                                        .toList())
                        .scene();
            case 12 -> s.within(there.get(r.nextInt(there.size())), one) ? s : SceneEdits.regroup(s, List.of(one), -1);
            case 13 ->
                crowded
                        ? SceneEdits.delete(s, some)
                        : SceneEdits.duplicate(s, some).scene();
            case 14, 15 -> SceneEdits.delete(s, List.of(one));
            case 16 ->
                SceneEdits.add(
                                s,
                                ParametricShape.usual(ParametricShape.Sort.values()[r.nextInt(6)], 1 + r.nextInt(3)),
                                Mat4.translation(v))
                        .scene();
            case 17 -> SceneEdits.add(s, LAMP, Mat4.translation(v)).scene();
            case 18 ->
                s.node(one).shape() == null
                        ? SceneEdits.addLayer(s, "Layer")
                        : SceneEdits.reshape(
                                s,
                                one,
                                s.node(one)
                                        .shape()
                                        .with(Map.of("width", 1 + r.nextDouble(), "radius", 1 + r.nextDouble())));
            default -> {
                if (s.layers().isEmpty()) {
                    yield s;
                }
                String layer = s.layers().get(r.nextInt(s.layers().size())).id();
                yield switch (r.nextInt(4)) {
                    case 0 -> SceneEdits.layer(s, layer, l -> l.withVisible(!l.visible()));
                    case 1 -> SceneEdits.layer(s, layer, l -> l.withLocked(!l.locked()));
                    case 2 ->
                        SceneEdits.layer(s, layer, l -> s.layers().size() > 6 ? null : l.withName("L" + r.nextInt(5)));
                    default -> SceneEdits.each(s, some, n -> n.withLayer(layer));
                };
            }
        };
    }

    /** A history that has lost its oldest steps: what these did is part of where it begins. */
    @Property
    void aHistoryThatIsFullComesBackToo(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Scene base = Scenes.boxes();
        Scene s = base;
        EditHistory history = new EditHistory(9);
        for (int i = 0; i < 40; i++) {
            EditOperation how = r.nextInt(3) == 0 ? anyOperation(s, r) : null;
            Scene next = how == null ? any(s, r) : how.of(s);
            Edit e = Edit.between("Edit " + i, s, next);
            s = next;
            if (e != null) {
                history.add(how == null ? e : e.by(how));
            }
        }
        OpenedEdits o = EditDocument.read(base, EditDocument.of(base, s, history));
        assertThat(bits(base, o.scene())).usingRecursiveComparison().isEqualTo(bits(base, s));
        Scene back = o.scene();
        for (Edit e = o.history().undo(); e != null; e = o.history().undo()) {
            back = e.undone(back);
        }
        for (Edit e = history.undo(); e != null; e = history.undo()) {
            s = e.undone(s);
        }
        assertThat(bits(base, back)).usingRecursiveComparison().isEqualTo(bits(base, s));
    }

    /** One thing done to some objects. */
    static EditOperation anyOperation(Scene s, Random r) {
        List<Integer> there = new ArrayList<>();
        for (int i = 0; i < s.count(); i++) {
            if (!s.node(i).gone() && r.nextInt(3) == 0) {
                there.add(i);
            }
        }
        List<Integer> roots = SceneEdits.roots(s, there);
        Vec3 v = new Vec3(r.nextGaussian(), r.nextGaussian(), r.nextGaussian());
        Vec3 about = r.nextBoolean() ? v.times(3) : null;
        return switch (r.nextInt(4)) {
            case 0 -> new EditOperation.Move(roots, v);
            case 1 -> new EditOperation.Turn(roots, about, Quat.about(v.unit(), r.nextDouble() * 6));
            case 2 ->
                new EditOperation.Scale(
                        roots, about, Quat.about(v.unit(), r.nextDouble()), new Vec3(0.5 + r.nextDouble(), 1, 2));
            default ->
                there.size() > 40
                        ? new EditOperation.Move(roots, v.times(2))
                        : EditOperation.Duplicate.between(
                                roots, s, SceneEdits.duplicate(s, roots).scene());
        };
    }

    /** Everything there is in a scene, bit for bit. */
    static Map<String, Object> bits(Scene base, Scene s) {
        return EditDocument.of(base, s, new EditHistory());
    }

    @Example
    void manyEditsUndoneToTheStartAndRedoneToTheEndAreTheSameBitForBit() {
        Random r = Effort.random("edits");
        int steps = Effort.times(2000);
        Scene base = Scenes.boxes();
        Scene s = base;
        EditHistory history = new EditHistory(steps);
        while (history.done() < steps) {
            Scene next = any(s, r);
            Edit e = Edit.between("Edit " + history.done(), s, next);
            s = next;
            if (e != null) {
                history.add(e);
            }
        }
        Map<String, Object> end = bits(base, s);
        Map<String, Object> start = bits(base, base);
        for (Edit e = history.undo(); e != null; e = history.undo()) {
            s = e.undone(s);
        }
        assertThat(bits(base, s)).usingRecursiveComparison().isEqualTo(start);
        for (Edit e = history.redo(); e != null; e = history.redo()) {
            s = e.done(s);
        }
        assertThat(bits(base, s)).usingRecursiveComparison().isEqualTo(end);
    }

    @Property
    void whatIsKeptComesBackWithItsHistory(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Scene base = Scenes.boxes();
        Scene s = base;
        EditHistory history = new EditHistory();
        for (int i = 0; i < 40; i++) {
            EditOperation how = r.nextInt(3) == 0 ? anyOperation(s, r) : null;
            Scene next = how == null ? any(s, r) : how.of(s);
            Edit e = Edit.between("Edit " + i, s, next);
            s = next;
            if (e != null) {
                history.add(how == null ? e : e.by(how));
            }
            if (r.nextInt(4) == 0 && history.done() > 0) {
                s = history.undo().undone(s);
            }
        }
        Map<String, Object> present = bits(base, s);
        Map<String, Object> kept = EditDocument.of(base, s, history);
        EditDocument.check(kept);
        OpenedEdits o = EditDocument.read(base, kept);
        assertThat(EditDocument.of(base, o.scene(), o.history()))
                .usingRecursiveComparison()
                .isEqualTo(kept);
        assertThat(bits(base, o.scene()))
                .as("the present, to the last bit")
                .usingRecursiveComparison()
                .isEqualTo(present);
        // The history that came back leads to the very start, and to where the other one ends.
        Scene back = o.scene();
        for (Edit e = o.history().undo(); e != null; e = o.history().undo()) {
            back = e.undone(back);
        }
        assertThat(bits(base, back)).usingRecursiveComparison().isEqualTo(bits(base, base));
        Scene forth = back;
        for (Edit e = o.history().redo(); e != null; e = o.history().redo()) {
            forth = e.done(forth);
        }
        Scene end = s;
        for (Edit e = history.redo(); e != null; e = history.redo()) {
            end = e.done(end);
        }
        assertThat(worlds(forth)).usingRecursiveComparison().isEqualTo(worlds(end));
    }

    private static Map<String, List<Double>> worlds(Scene s) {
        Map<String, List<Double>> out = new java.util.TreeMap<>();
        for (int n : present(s)) {
            List<Double> w = new ArrayList<>();
            for (double d : s.world(n)) {
                w.add(d);
            }
            out.put(s.node(n).id() + s.node(n).name() + s.shown(n) + s.locked(n), w);
        }
        return out;
    }

    /** A scene changed step by step shares what did not change; it must be the one that is made from nothing. */
    @Property
    void sharingChangesNothing(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Scene s = Scenes.boxes();
        for (int i = 0; i < 30; i++) {
            s = any(s, r);
        }
        Scene fresh = new Scene(s.nodes(), s.meshes(), s.up()).withLayers(s.layers());
        for (int i = 0; i < s.count(); i++) {
            assertThat(s.world(i)).containsExactly(fresh.world(i));
            assertThat(s.bounds(i)).isEqualTo(fresh.bounds(i));
            assertThat(s.shown(i)).isEqualTo(fresh.shown(i));
            assertThat(s.locked(i)).isEqualTo(fresh.locked(i));
            assertThat(s.children(i)).isEqualTo(fresh.children(i));
        }
        assertThat(s.bounds()).isEqualTo(fresh.bounds());
    }

    @Property
    void groupingAndRegroupingLeaveThingsWhereTheyAre(@ForAll @LongRange(min = 0, max = 1_000_000_000) long seed) {
        Random r = new Random(seed);
        Scene s = Scenes.boxes();
        Scene turned = s.withLocals(
                Transforms.turn(s, List.of(1), s::pivot, Quat.about(new Vec3(1, 2, 3).unit(), r.nextDouble())));
        SceneEdits.Added group = SceneEdits.group(turned, List.of(2, 4), "Both");
        Scene out = SceneEdits.regroup(group.scene(), List.of(3), group.nodes().get(0));
        Scene apart = SceneEdits.ungroup(out, group.nodes()).scene();
        for (Scene each : List.of(group.scene(), out, apart)) {
            for (int n : List.of(2, 3, 4)) {
                for (int k = 0; k < 16; k++) {
                    assertThat(each.world(n)[k]).isCloseTo(turned.world(n)[k], within(1e-9));
                }
            }
        }
        assertThat(out.node(3).parent()).isEqualTo(group.nodes().get(0));
        assertThat(apart.node(group.nodes().get(0)).gone()).isTrue();
    }

    @Example
    void nothingCanLieBelowItself() {
        assertThatThrownBy(() -> SceneEdits.regroup(Scenes.boxes(), List.of(1), 2))
                .hasMessageContaining("below itself");
        assertThatThrownBy(() -> SceneEdits.regroup(Scenes.boxes(), List.of(1), 1))
                .hasMessageContaining("below itself");
    }

    @Example
    void whatIsBelowAGroupIsHiddenLockedAndDeletedWithIt() {
        Scene s = Scenes.boxes();
        assertThat(SceneEdits.each(s, List.of(1), n -> n.withHidden(true)).shown(3))
                .isFalse();
        assertThat(SceneEdits.each(s, List.of(1), n -> n.withLocked(true)).locked(3))
                .isTrue();
        assertThat(SceneEdits.delete(s, List.of(1)).indexOf("n3")).isEqualTo(-1);
        assertThat(s.withIsolated(java.util.Set.of(1)).shown(3)).isTrue();
        assertThat(s.withIsolated(java.util.Set.of(1)).shown(4)).isFalse();
    }

    @Example
    void aLayerSwitchesWhatLiesOnItAndANearerOneDecides() {
        Scene s = SceneEdits.addLayer(SceneEdits.addLayer(Scenes.boxes(), "A"), "B");
        String a = s.layers().get(0).id();
        String b = s.layers().get(1).id();
        Scene on =
                SceneEdits.each(SceneEdits.each(s, List.of(1), n -> n.withLayer(a)), List.of(3), n -> n.withLayer(b));
        Scene off = SceneEdits.layer(on, a, l -> l.withVisible(false));
        assertThat(off.shown(2)).isFalse();
        assertThat(off.shown(3)).as("on a layer of its own").isTrue();
        assertThat(SceneEdits.layer(on, a, l -> l.withLocked(true)).locked(2)).isTrue();
        Scene without = SceneEdits.layer(off, a, l -> null);
        assertThat(without.shown(2)).isTrue();
        assertThat(without.node(1).layer()).isNull();
    }

    @Example
    void copiesLieWhereTheirOriginalsAreAndHaveIdsOfTheirOwn() {
        Scene s = Scenes.boxes();
        SceneEdits.Added a = SceneEdits.duplicate(s, List.of(1, 3));
        assertThat(a.nodes()).as("what lies below another comes along with it").hasSize(1);
        Scene t = a.scene();
        assertThat(t.count()).isEqualTo(9);
        assertThat(t.world(8)).containsExactly(s.world(3));
        assertThat(t.nodes()).extracting("id").doesNotHaveDuplicates();
        assertThat(SceneEdits.duplicate(SceneEdits.delete(t, a.nodes()), List.of(1))
                        .scene()
                        .nodes())
                .extracting("id")
                .doesNotHaveDuplicates();
    }

    @Example
    void documentsThatAreNoneAreRefusedInWords() {
        Scene base = Scenes.boxes();
        assertThatThrownBy(() -> EditDocument.read(base, Map.of())).hasMessage("this is no rhombus-edits document");
        Map<String, Object> doc = new java.util.HashMap<>(bits(base, SceneEdits.delete(base, List.of(4))));
        doc.put("done", 3);
        assertThatThrownBy(() -> EditDocument.read(base, doc)).hasMessage("its history is not one");
        doc.put("done", 0);
        doc.put(
                "nodes",
                List.of(Map.of(
                        "id",
                        "a9",
                        "name",
                        "Lost",
                        "parent",
                        "nobody",
                        "local",
                        List.of(1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1))));
        assertThatThrownBy(() -> EditDocument.read(base, doc)).hasMessageContaining("not there");
        doc.put("nodes", List.of(Map.of("id", "n1", "parent", "n2")));
        assertThatThrownBy(() -> EditDocument.read(base, doc)).hasMessageContaining("own ancestor");
    }

    @Example
    void aMirroredPlaceStaysMirrored() {
        double[] m = Mat4.trs(new Vec3(1, 2, 3), Quat.about(Vec3.Y, 0.5), new Vec3(-2, 3, 4));
        assertThat(Transforms.scaleOf(m).distance(new Vec3(-2, 3, 4))).isLessThan(1e-12);
        assertThat(Transforms.rotationOf(m).angleTo(Quat.about(Vec3.Y, 0.5))).isLessThan(1e-7);
    }
}
