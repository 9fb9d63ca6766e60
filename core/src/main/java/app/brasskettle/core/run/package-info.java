/** A motor that turns: what its no-load current says, and what is the supply's doing. */
package app.brasskettle.core.run;
