/**
 * The scene: a tree of named nodes with meshes, cameras and lights, immutable, with ids that stay.
 *
 * <p>The up axis is part of a scene. Node matrices are relative to the parent; world matrices and bounds are derived.
 */
package rhombus.core.scene;
