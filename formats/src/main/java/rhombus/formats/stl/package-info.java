/** Reads STL, text and binary (3D Systems, StereoLithography Interface Specification, 1989). */
package rhombus.formats.stl;
