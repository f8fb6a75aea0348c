/**
 * Points, rotations, matrices, boxes, triangle meshes with their edges, and the hierarchy that answers rays.
 *
 * <p>Lengths are metres, angles radians, frames right-handed. Everything is computed in {@code double}, also where
 * values are stored as {@code float}, so that the JVM and the browser build agree to the last bit wherever only
 * {@code + - * / sqrt} are involved.
 */
package rhombus.core.geometry;
