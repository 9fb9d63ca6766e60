/** A winding taken down before its copper comes out: what is taken, by whom a second time, whether it is settled. */
package app.brasskettle.core.windingtake;
