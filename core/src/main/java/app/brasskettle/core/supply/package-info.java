/** What the line brings: unbalance of its voltages and what that costs a motor. */
package app.brasskettle.core.supply;
