/** What a reader of a format finds in a file, before it becomes the normal form in which scenes are kept. */
package rhombus.formats.model;
