/** What was sent: files by name, how much they may ask for, how far their reading is, and what is wrong with them. */
package rhombus.formats.upload;
