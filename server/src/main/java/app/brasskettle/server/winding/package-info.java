/** What is said by name about a winding: that its data are settled. */
package app.brasskettle.server.winding;
