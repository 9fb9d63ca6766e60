/** Recondition, rewind or replace: what condition allows, what each option costs, and what the customer chose. */
package app.brasskettle.core.choice;
