/** The winding that goes in: turns and wire for another voltage, frequency or connection, lap for concentric. */
package app.brasskettle.core.redesign;
