/** From the proof to the door: what is looked at before a motor leaves, who signs, what the customer is told, and for how long the shop stands by it. */
package app.brasskettle.core.release;
