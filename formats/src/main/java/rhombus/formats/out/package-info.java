/** Writes scenes in formats that hold triangles or polygons alone: OBJ with its materials, STL and PLY. */
package rhombus.formats.out;
