/** What watches the temperature of a winding, and what stands in for it when it fails. */
package app.brasskettle.core.protection;
