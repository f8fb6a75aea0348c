/** Small pictures of whole scenes, made without a graphics card. */
package rhombus.formats.picture;
