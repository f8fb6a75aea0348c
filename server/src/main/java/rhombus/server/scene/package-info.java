/**
 * Scenes, their files, imports, edits and versions; every row has an owner and every query names it.
 */
package rhombus.server.scene;
