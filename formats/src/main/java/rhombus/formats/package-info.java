/**
 * Open formats to and from the core's scene: reading of uploaded glTF 2.0 files with every length checked before memory
 * is taken, and writing of the normal form in which scenes are kept.
 */
package rhombus.formats;
