/** Low-voltage inductances over shaft positions: does an unbalance stay with the winding or move with the rotor? */
package app.brasskettle.core.balance;
