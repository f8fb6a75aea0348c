/** Pictures behind views: checked, encoded anew, and kept with their scene. */
package rhombus.server.picture;
