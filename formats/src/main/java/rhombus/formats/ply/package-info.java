/** Reads PLY, text and binary in both byte orders (Turk, The PLY Polygon File Format, 1994). */
package rhombus.formats.ply;
