/** Failures made up from a stated table, to try the weights of the evidence table against something that does not know them. */
package app.brasskettle.core.casebook;
