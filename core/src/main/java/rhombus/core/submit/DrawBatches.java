package rhombus.core.submit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import rhombus.core.geometry.Aabb;
import rhombus.core.geometry.Vec3;
import rhombus.core.scene.DisplayOverride;
import rhombus.core.scene.Layer;
import rhombus.core.scene.Scene;

/**
 * How everything that can be drawn of a scene is held: small meshes of one kind merged into shared buffers, large ones by
 * themselves, those that very many nodes use as instances. What is added finds room in what is there or in a batch of its own; what
 * moves is written anew where it stands.
 */
public final class DrawBatches {
    /** Larger meshes are drawn by themselves: a call more counts for nothing beside so many triangles. */
    private static final int LARGE = 4096;
    /** A mesh that so many nodes use is drawn as instances. */
    private static final int CROWD = 256;
    /** So is one whose copies would come to so many triangles, from some uses on. */
    private static final int COPIES = 16384;

    private static final int SOME = 16;
    /** So many of a crowd may have ways of their own. */
    private static final int APART = 256;
    /** Floats in shared buffers may be off by this part of an object's size: a fifth of a pixel where it fills a screen. */
    private static final double EXACT = 1e-4;
    /** Metres by which a line or point may be off wherever it is. */
    private static final double ENOUGH = 1e-5;
    /** What a batch for what is added later has room for at least, vertices. */
    private static final int ROOM = 4096;

    private final IntFunction<VertexAttributes> skins;
    private final IntFunction<byte[]> marks;
    private final List<DrawBatch> batches = new ArrayList<>();
    private final Map<Long, BatchPart> parts = new HashMap<>();
    private final Map<Integer, List<BatchPart>> ofNode = new HashMap<>();
    private final Map<Integer, DrawBatch> crowds = new HashMap<>();
    private final Map<Integer, VertexAttributes> skinOf = new HashMap<>();
    private final Map<Integer, byte[]> marksOf = new HashMap<>();
    private boolean layered;
    private int[] selected = {};
    private int[] last = {};

    /**
     * No scene yet.
     *
     * @param skins what each mesh is drawn with
     * @param marks for each mesh the marks of its triangles' sides, null until they are known
     */
    public DrawBatches(IntFunction<VertexAttributes> skins, IntFunction<byte[]> marks) {
        this.skins = skins;
        this.marks = marks;
    }

    /** All batches, in the order of their numbers. */
    public List<DrawBatch> list() {
        return Collections.unmodifiableList(batches);
    }

    private static long key(int node, int mesh) {
        return (long) node << 32 | mesh;
    }

    // ---- what there is -------------------------------------------------------------------------------------------

    /** Takes over which nodes are made of which meshes now. */
    public void sync(Scene scene) {
        Map<Integer, List<BatchPart>> fresh = new LinkedHashMap<>();
        int kept = 0;
        int now = 0;
        for (int i = 0; i < scene.count(); i++) {
            for (int m : scene.node(i).meshes()) {
                now++;
                if (parts.containsKey(key(i, m))) {
                    kept++;
                } else {
                    BatchPart p = new BatchPart(i, m, scene.meshes().get(m), skinOf.computeIfAbsent(m, skins::apply));
                    fresh.computeIfAbsent(m, x -> new ArrayList<>()).add(p);
                }
            }
        }
        boolean same = now == kept && kept == parts.size();
        if (kept < parts.size()) {
            removeOld(scene);
        }
        add(scene, fresh);
        for (DrawBatch b : crowds.values()) {
            ownWays(scene, b);
            b.arrange(scene, b.chunks == null || fresh.containsKey(b.mesh));
        }
        if (layers(scene) || !same) {
            select(selected, last);
        }
    }

    /** Takes over on which layers parts lie; says whether any lies elsewhere than before. */
    private boolean layers(Scene scene) {
        List<Layer> all = scene.setup().layers();
        if (all.isEmpty() && !layered) {
            return false;
        }
        layered = !all.isEmpty();
        boolean any = false;
        for (BatchPart p : parts.values()) {
            Layer on = scene.layerOf(p.node);
            int now = on == null ? 0 : Math.min(BatchPart.MOST_LAYERS, all.indexOf(on) + 1);
            any |= now != p.layer;
            p.layer = now;
        }
        return any;
    }

    /** Of a crowd, what is drawn in a way of its own while others are not is drawn by itself, if there are not too many. */
    private void ownWays(Scene scene, DrawBatch b) {
        List<BatchPart> some = b.parts.stream()
                .filter(p -> !p.gone && scene.way(p.node) != DisplayOverride.USUAL)
                .toList();
        if (some.size() <= APART && some.size() < b.parts.size()) {
            some.forEach(p -> alone(scene, p));
        }
    }

    private void removeOld(Scene scene) {
        parts.values().removeIf(p -> {
            boolean old = !scene.node(p.node).meshes().contains(p.mesh);
            if (old) {
                p.batch.leave(p);
                ofNode.get(p.node).remove(p);
            }
            return old;
        });
    }

    private void add(Scene scene, Map<Integer, List<BatchPart>> fresh) {
        Map<String, List<BatchPart>> merged = new LinkedHashMap<>();
        Vec3 middle = scene.bounds().isEmpty() ? Vec3.ZERO : scene.bounds().center();
        fresh.forEach((mesh, uses) -> {
            VertexAttributes skin = uses.get(0).skin;
            int triangles = uses.get(0).shape.triangleCount();
            boolean copies = uses.size() >= SOME && (uses.size() - 1) * (long) triangles >= COPIES;
            if (uses.get(0).shape.isStrokes()) {
                strokes(scene, uses, middle, merged);
                return;
            }
            boolean crowd = crowds.containsKey(mesh) || uses.size() >= CROWD || copies && !skin.blend();
            for (BatchPart p : uses) {
                note(p);
                if (crowd) {
                    DrawBatch b = crowds.computeIfAbsent(mesh, m -> batch(DrawBatch.Sort.CROWD, m, null, middle));
                    b.parts.add(p);
                    p.batch = b;
                } else if (skin.kind() == null || triangles > LARGE || !exact(scene, p, middle)) {
                    own(scene, p);
                } else {
                    merged.computeIfAbsent(skin.kind(), k -> new ArrayList<>()).add(p);
                }
            }
        });
        merged.forEach((kind, some) -> merge(scene, kind, some, middle));
    }

    /** Strokes have colours of their own in the buffers of their lines, which only merged batches have. */
    private void strokes(Scene scene, List<BatchPart> uses, Vec3 middle, Map<String, List<BatchPart>> merged) {
        for (BatchPart p : uses) {
            note(p);
            String kind = p.skin.colors() == null ? "strokes" : "coloured strokes";
            if (exact(scene, p, middle)) {
                merged.computeIfAbsent(kind, k -> new ArrayList<>()).add(p);
            } else {
                // Far off they have buffers about their own middle.
                merge(
                        scene,
                        kind + " of " + p.node,
                        List.of(p),
                        scene.coarseBounds(p.node).center());
            }
        }
    }

    private void note(BatchPart p) {
        parts.put(key(p.node, p.mesh), p);
        ofNode.computeIfAbsent(p.node, n -> new ArrayList<>(1)).add(p);
    }

    /** Whether shared buffers about an origin can hold a part without its shape being seen to suffer. */
    private static boolean exact(Scene scene, BatchPart p, Vec3 origin) {
        Aabb b = scene.coarseBounds(p.node);
        double error = (b.center().distance(origin) + b.radius()) * 0x1p-24;
        // A single point has no size that could tell how exact is enough.
        return b.isEmpty() || error <= EXACT * b.radius() || p.shape.isStrokes() && error <= ENOUGH;
    }

    private DrawBatch batch(DrawBatch.Sort sort, int mesh, String kind, Vec3 origin) {
        DrawBatch b = new DrawBatch(batches.size(), sort, mesh, kind, origin);
        batches.add(b);
        return b;
    }

    private void own(Scene scene, BatchPart p) {
        p.measure(scene.world(p.node));
        DrawBatch b = batch(DrawBatch.Sort.OWN, p.mesh, null, Vec3.ZERO);
        b.parts.add(p);
        p.batch = b;
        p.slot = 0;
    }

    /** Puts parts of one kind where there is room, the rest into batches of their own. */
    private void merge(Scene scene, String kind, List<BatchPart> some, Vec3 middle) {
        List<BatchPart> rest = new ArrayList<>();
        for (BatchPart p : some) {
            boolean found = false;
            for (int i = batches.size() - 1; i >= 0 && !found; i--) {
                DrawBatch b = batches.get(i);
                found = kind.equals(b.kind) && exact(scene, p, b.origin) && b.take(p);
            }
            if (!found) {
                rest.add(p);
            }
        }
        boolean first = batches.stream().noneMatch(b -> kind.equals(b.kind));
        for (int from = 0; from < rest.size(); from += DrawBatch.MOST_PARTS) {
            List<BatchPart> these = rest.subList(from, Math.min(rest.size(), from + DrawBatch.MOST_PARTS));
            int vertices = 0;
            int corners = 0;
            for (BatchPart p : these) {
                vertices += p.vertices();
                corners += p.corners();
            }
            // What comes first is what the file holds; what comes later will have more like it.
            DrawBatch b = batch(DrawBatch.Sort.MERGED, these.get(0).mesh, kind, middle);
            b.room(
                    first ? vertices : Math.max(ROOM, vertices * 2),
                    first ? corners : Math.max(ROOM * 6, corners * 2),
                    first ? these.size() : Math.max(256, these.size() * 2),
                    these.get(0).skin);
            these.forEach(b::take);
        }
        for (BatchPart p : some) {
            p.batch.bake(p, scene.world(p.node));
        }
    }

    /** Nodes have moved. */
    public void moved(Scene scene, Iterable<Integer> nodes) {
        for (int n : nodes) {
            // A copy: what goes too far leaves the list.
            for (BatchPart p : List.copyOf(ofNode.getOrDefault(n, List.of()))) {
                if (p.batch.sort != DrawBatch.Sort.MERGED) {
                    p.measure(scene.world(n));
                    if (p.batch.sort == DrawBatch.Sort.CROWD) {
                        p.batch.point(p, scene.world(n));
                        p.batch.chunks[p.slot / InstanceChunk.MOST].look(p.batch.parts, scene);
                    }
                } else if (exact(scene, p, p.batch.origin)) {
                    p.batch.move(p, scene.world(n));
                } else {
                    alone(scene, p);
                }
            }
        }
    }

    /** What has gone too far for shared buffers is drawn by itself from now on. */
    private void alone(Scene scene, BatchPart p) {
        p.batch.leave(p);
        ofNode.get(p.node).remove(p);
        BatchPart other = new BatchPart(p.node, p.mesh, p.shape, p.skin);
        note(other);
        own(scene, other);
        other.selected = p.selected;
    }

    /** Edges or coarser triangles have come. */
    public void geometryCame() {
        batches.forEach(DrawBatch::outdated);
    }

    /** Notes which nodes are selected, and which of them were selected last. */
    public void select(int[] nodes, int[] lastNodes) {
        selected = nodes;
        last = lastNodes;
        Map<Integer, Integer> how = new HashMap<>();
        Arrays.stream(nodes).forEach(n -> how.put(n, 1));
        Arrays.stream(lastNodes).forEach(n -> how.put(n, 2));
        for (BatchPart p : parts.values()) {
            p.batch.select(p, how.getOrDefault(p.node, 0));
        }
    }

    // ---- buffers ---------------------------------------------------------------------------------------------------

    /** Numbers of a merged batch, or of its corners by themselves, or of its lines; null for what it does not have. */
    public float[] floats(int batch, String name) {
        DrawBatch b = batches.get(batch);
        return switch (name) {
            case "positions" -> b.positions;
            case "texture" -> b.texture;
            case "colors" -> b.colors;
            case "state" -> b.state;
            case "points" -> b.points;
            case "ends" -> lines(b).quads.ends;
            case "box-ends" -> boxes(b).quads.ends;
            case "corner-positions" -> edged(b).positions;
            case "corner-texture" -> edged(b).texture;
            case "corner-colors" -> edged(b).colors;
            default -> null;
        };
    }

    /** Whole numbers of a merged batch. */
    public short[] shorts(int batch, String name) {
        DrawBatch b = batches.get(batch);
        return switch (name) {
            case "extras" -> b.extras;
            case "corners" -> lines(b).quads.corners;
            case "box-corners" -> boxes(b).quads.corners;
            case "corner-extras" -> edged(b).extras;
            default -> null;
        };
    }

    /** Marks of the sides of triangles, one for each corner. */
    public byte[] marks(int batch) {
        return edged(batches.get(batch)).marks;
    }

    /** Indices of a level of a merged batch, or of its lines where the level is -1, or of its boxes where it is -2. */
    public int[] indices(int batch, int level) {
        DrawBatch b = batches.get(batch);
        return switch (level) {
            case -1 -> lines(b).quads.indices;
            case -2 -> boxes(b).quads.indices;
            default -> b.level(level);
        };
    }

    private EdgeLines lines(DrawBatch b) {
        if (b.lines == null) {
            b.lines = new EdgeLines(b);
        }
        return b.lines;
    }

    private static PartBoxes boxes(DrawBatch b) {
        if (b.boxes == null) {
            b.boxes = new PartBoxes(b);
        }
        return b.boxes;
    }

    private byte[] marksOf(int mesh) {
        return marksOf.computeIfAbsent(mesh, marks::apply);
    }

    private UnindexedTriangles edged(DrawBatch b) {
        if (b.edged == null) {
            b.edged = new UnindexedTriangles(b, this::marksOf);
        }
        return b.edged;
    }

    /** For each batch that was written to since this was last asked: its number, then what {@link DirtyRange#take} tells. */
    public int[] takeDirty() {
        int[] out = new int[16];
        int at = 0;
        for (DrawBatch b : batches) {
            int[] d = b.dirty.take();
            boolean any = false;
            for (int k = 0; k < d.length; k += 2) {
                any |= d[k + 1] > d[k];
            }
            if (any) {
                if (at + 1 + d.length > out.length) {
                    out = Arrays.copyOf(out, out.length * 2);
                }
                out[at++] = b.number;
                System.arraycopy(d, 0, out, at, d.length);
                at += d.length;
            }
        }
        return Arrays.copyOf(out, at);
    }
}
