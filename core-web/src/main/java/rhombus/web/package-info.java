/** The core's boundary in the browser: an ES module of static functions; nothing is decided here. */
package rhombus.web;
