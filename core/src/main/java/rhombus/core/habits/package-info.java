/** What a user prefers: every setting with its words, its choices and its value. */
package rhombus.core.habits;
