/**
 * Plain data: trees of maps, lists, strings, numbers and booleans, the common shape of JSON on the server and of
 * objects in the browser. The core reads and writes these trees and leaves the text form to the platform's own library.
 */
package rhombus.core.plain;
