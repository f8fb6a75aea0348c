/** What is drawn in a viewport and in which passes; the front end only carries it out. */
package rhombus.core.display;
