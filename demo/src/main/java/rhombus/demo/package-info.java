/** The invented scenes, made by code, the same every time; they enter through the same import as anybody's files. */
package rhombus.demo;
