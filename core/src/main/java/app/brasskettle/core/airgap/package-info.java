/** What holds the rotor in the middle of the bore: the gap round it, and the registers between brackets and frame. */
package app.brasskettle.core.airgap;
