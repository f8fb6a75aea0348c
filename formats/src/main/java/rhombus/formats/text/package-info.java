/** Text and binary files, read in place: lines of words with their numbers, and numbers of any byte order. */
package rhombus.formats.text;
