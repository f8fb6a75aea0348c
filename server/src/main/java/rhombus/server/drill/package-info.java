/** Runs of drills: done again here before they count. */
package rhombus.server.drill;
