/** Drawings in black and white, the same on the screen and on paper. */
package app.brasskettle.server.drawings;
