/** What a scene holds, as tables for other programs. */
package rhombus.core.table;
