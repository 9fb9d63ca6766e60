/** Temperature of a part in an oven over time: burning out, baking, and what a logger's file says of it. */
package app.brasskettle.core.oven;
