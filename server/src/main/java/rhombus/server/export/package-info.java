/** Scenes and cameras for other programs. */
package rhombus.server.export;
