/** A camera found from a picture that it took. */
package rhombus.core.match;
