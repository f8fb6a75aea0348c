package rhombus.web;

import org.teavm.jso.JSObject;
import org.teavm.jso.typedarrays.Float32Array;
import org.teavm.jso.typedarrays.Float64Array;
import org.teavm.jso.typedarrays.Int16Array;
import org.teavm.jso.typedarrays.Int32Array;
import org.teavm.jso.typedarrays.Int8Array;
import rhombus.boundary.Gives;
import rhombus.boundary.OrNothing;
import rhombus.core.stage.show.BatchForm;

/** The meshes of the scene as the painter sends them to the graphics card, and which ranges of that a picture needs. */
public interface SubmitApi extends JSObject {
    /** Takes over which nodes are made of which meshes now. */
    void arrange();

    @Gives(value = BatchForm.class, list = true)
    JSObject batches();

    /** How many batches there are. */
    int count();

    /** How many chunks a crowd has. */
    int chunks(int batch);

    /** The nodes of a chunk of a crowd that are shown. */
    Int32Array nodes(int batch, int chunk);

    /** Nodes of a crowd that are ghosts while others are isolated. */
    Int32Array ghosts(int batch);

    /** Numbers of a merged batch by the name of the buffer; null for what it does not have. */
    @OrNothing
    Float32Array floats(int batch, String name);

    @OrNothing
    Int16Array shorts(int batch, String name);

    Int8Array marks(int batch);

    /** Indices of a level of a merged batch, or of its lines for -1. */
    Int32Array indices(int batch, int level);

    /**
     * For each batch that was written to since this was last asked: its number, then from where to where, for vertices, indices,
     * parts, corners and lines.
     */
    Int32Array takeDirty();

    /** Nodes have moved. */
    void moved(Int32Array nodes);

    /** Something else is selected. */
    void selected();

    /**
     * What a picture needs: runs of batch, form (0 surface, 1 with edges, 2 lines, 3 lines of what is selected, 4 mask, 5 points),
     * level, first range and number of ranges.
     *
     * @param view whose look it takes where no other is named; -1 for plain shading
     * @param height of the picture, CSS pixels
     * @param eased whether detail may be left out while views move
     */
    Int32Array plan(Float64Array matrices, int view, double height, boolean eased, String look);

    /**
     * A frame begins that was asked for at some time.
     *
     * @return pixels to draw for each of the picture, along each side
     */
    double frame(double time, double asked);

    /** The picture of a view in full took so long until it was there, milliseconds. */
    void tookInFull(double ms);

    /** What is left out in what was drawn last, in words; empty for nothing. */
    String eased();

    /** Whether this frame is of a motion: what takes long is left for the rest after it. */
    boolean quick();

    /** Milliseconds after which views that were drawn with less detail are to be drawn in full; -1 where there are none. */
    double finishIn();

    /** A mark within a view has moved that is not worth a frame of its own while something moves. */
    void owe(int view);

    /** Views that were drawn with less detail are drawn in full with the next frame. */
    void finish();

    /** Where each range starts: bytes into the indices, vertices, or the number of a chunk. */
    Int32Array starts();

    /** How many indices or vertices each range holds. */
    Int32Array counts();

    /** For each batch three numbers and three: where its origin lies from the eye, and what these lack. */
    Float32Array offsets();

    /** The part of a picture of some pixels in which what is selected lies, with room about it: left, low, width and height. */
    Float64Array masked(double width, double height, double room);

    /** Whether everything that was wished for is there. */
    boolean complete();
}
