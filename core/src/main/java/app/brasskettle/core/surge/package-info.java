/** Surge comparison: how far two ringing traces differ, and which phase is the odd one. */
package app.brasskettle.core.surge;
