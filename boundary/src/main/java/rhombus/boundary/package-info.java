/**
 * What the build runs to make the boundary between the core and the page. Records of the core that cross it become
 * TypeScript interfaces, and for each of them a Java method is made that builds its browser object: TeaVM cannot look into
 * records while it runs.
 */
package rhombus.boundary;
