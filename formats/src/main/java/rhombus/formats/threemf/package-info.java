/** Reads 3MF (3MF Consortium, Core Specification 1.3, with base materials and colour groups). */
package rhombus.formats.threemf;
