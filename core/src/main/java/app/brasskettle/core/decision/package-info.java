/** Options compared by equivalent annual cost, with certain figures and with uncertain ones. */
package app.brasskettle.core.decision;
