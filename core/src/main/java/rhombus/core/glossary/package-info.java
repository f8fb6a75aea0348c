/**
 * Moving pictures for the words of the trade, made with the same geometry that moves the views.
 */
package rhombus.core.glossary;
