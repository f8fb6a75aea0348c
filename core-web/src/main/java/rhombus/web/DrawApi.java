package rhombus.web;

import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.ArrayBuffer;
import org.teavm.jso.typedarrays.Float32Array;
import org.teavm.jso.typedarrays.Float64Array;
import org.teavm.jso.typedarrays.Int32Array;
import org.teavm.jso.typedarrays.Int8Array;
import rhombus.boundary.Gives;
import rhombus.boundary.OrNothing;
import rhombus.core.stage.show.DrawPlan;
import rhombus.core.stage.show.Material;
import rhombus.core.stage.show.PictureLook;
import rhombus.core.stage.show.SnapshotPlace;
import rhombus.core.stage.show.ViewportMarks;

/** What the painter reads: geometry, and for each viewport its matrices and what is drawn. */
public interface DrawApi extends JSObject {
    void attachEdges(ArrayBuffer file);

    void attachLevels(ArrayBuffer file);

    /** Takes what picking needs; {@link #moreHierarchies} attaches it. */
    void attachHierarchies(ArrayBuffer file);

    /** Attaches a piece of it, in some milliseconds; gives false when all of it is. */
    boolean moreHierarchies();

    Float32Array positions(int mesh);

    @OrNothing
    Float32Array attribute(int mesh, String name, int size);

    /** Where a mesh's pictures lie: two coordinates a vertex, four where they lie in two ways; null where it has none. */
    @OrNothing
    Float32Array places(int mesh);

    Int32Array indices(int mesh);

    /** Coarser triangles of a mesh: of a level from 1 on, or of the coarsest it has. */
    Int32Array levelIndices(int mesh, int level);

    /** Both ends of so many edges of a mesh, six numbers each. */
    Float32Array edgeEnds(int mesh, int from, int count);

    /** Both ends of the edges of the box round a mesh, six numbers each. */
    Float32Array boxEnds(int mesh);

    /** Strength of each of them. */
    Int8Array edgeStrength(int mesh, int from, int count);

    /** How many edges a mesh has; -1 until they have come. */
    int edgeCount(int mesh);

    /** A byte a triangle that marks which of its sides are edges; null until they have come. */
    @OrNothing
    Int8Array sides(int mesh);

    @Gives(Material.class)
    JSObject material(int mesh);

    /** Centre and radius of the ball round a mesh's stored positions. */
    Float64Array ball(int mesh);

    /** Node number and mesh number of everything drawn, in turn. */
    Int32Array drawn();

    /** World matrix of a node's mesh, its origin included. */
    Float64Array placement(int node, int mesh);

    /** View matrix and projection matrix; the same array each time. */
    Float64Array matrices(int view);

    /** The same of one of the frames of which a picture with smooth edges is made, of so many pixels' height; the same array each time. */
    Float64Array smoothMatrices(int view, int frame, double pixels);

    /** How many frames that takes. */
    int smoothFrames(int view);

    /** View and projection matrix of a rectangle of a viewport alone. */
    Float64Array partMatrices(int view, double left, double top, double width, double height);

    /** What lights a viewport, in rows of four numbers, in the frame of the view matrix with which these begin. */
    Float32Array lights(int view, String look, Float64Array matrices);

    /** What the light of a viewport sees that casts shadows: a view and a projection matrix; null where none does. */
    @OrNothing
    Float64Array shadowMatrices(int view, String look);

    /** How many places the picture of that has along each side. */
    int shadowSize();

    /** Another number whenever shadows may have changed. */
    int shadowVersion();

    /** What is drawn in a viewport, with another look where one is named. */
    @Gives(DrawPlan.class)
    JSObject plan(int view, String look);

    /** The grid of a viewport in twenty numbers, in the order that {@code Grid.numbers} tells. */
    Float32Array grid(int view);

    /**
     * The marks of lights and cameras in a viewport, four numbers each: pixels from its upper left corner, 1 for a camera or 0 for a
     * light, and 1 where it is selected, 2 where it is locked and 4 where it is driven, added.
     */
    Float32Array icons(int view);

    /** Puts into an object what lies over a viewport, as far as it has changed since the last time; all of it where the object is fresh. */
    void marks(int view, @Gives(ViewportMarks.class) JSObject target, boolean fresh);

    /** The pictures that a viewport draws behind the scene and before it. */
    @Gives(value = PictureLook.class, list = true)
    JSObject pictures(int view);

    /** Both matrices of a picture of some aspect that holds all a viewport shows; the same array each time. */
    Float64Array wholeMatrices(int view, double aspect);

    /** The same of what a choice, or an entry of the Trail, would show; null if there is no such. */
    @OrNothing
    Float64Array pictureMatrices(String view, String choice, int trail, double aspect);

    /** The same of a camera's own picture; null if there is no such camera. */
    @OrNothing
    Float64Array cameraMatrices(String camera);

    /** What a snapshot is made of. */
    @Gives(value = SnapshotPlace.class, list = true)
    JSObject shotPlaces(String sort, double width, double height);
}
