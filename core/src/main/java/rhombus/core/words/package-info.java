/** The words that people read, in the language of the one who reads them. */
package rhombus.core.words;
