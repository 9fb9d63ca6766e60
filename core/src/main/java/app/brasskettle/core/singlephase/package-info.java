/** Single-phase motors: main and start winding, protector, start switch and capacitors. */
package app.brasskettle.core.singlephase;
