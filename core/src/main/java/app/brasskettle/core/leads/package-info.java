/** Which leads ring together, and what winding such sets can be. */
package app.brasskettle.core.leads;
