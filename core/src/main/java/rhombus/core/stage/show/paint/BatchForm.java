package rhombus.core.stage.show.paint;

import rhombus.core.plain.OneOf;

/**
 * Meshes that are drawn from the same buffers.
 *
 * @param number its place in the list
 * @param sort many as ranges of shared buffers, one by itself, or very many uses of one mesh
 * @param mesh the one it is made of, or its first
 * @param node the only one that uses it, where it is drawn by itself; -1 otherwise, and where that is gone
 * @param layer number of the layer it lies on, or its first part does, 0 for none
 * @param generation another number whenever its lines and coarser triangles are others than before
 */
public record BatchForm(
        int number, @OneOf({"merged", "own", "crowd"}) String sort, int mesh, int node, int layer, int generation) {}
