/** A wet winding while it dries: resistance over the hours, and when it is dry. */
package app.brasskettle.core.drying;
