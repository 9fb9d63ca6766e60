/** The shop's bank of windings: every settled one with its motor, found by what is known of another. */
package app.brasskettle.core.bank;
