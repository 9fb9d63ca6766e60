/** A quote as it was given: prices with tax, how long it stands, and which answers it can take. */
package app.brasskettle.core.quote;
