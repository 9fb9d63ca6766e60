/** The practice bench: simulated motors with a hidden fault, worked on with minutes, money and the gates on; and drills. */
package app.brasskettle.core.practice;
