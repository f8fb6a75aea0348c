/** Reads OBJ with its materials in MTL by their published descriptions; where these are silent, by common practice. */
package rhombus.formats.obj;
