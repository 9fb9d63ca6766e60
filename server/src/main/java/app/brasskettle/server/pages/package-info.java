/** The pages of the front end, shipped in the jar. */
package app.brasskettle.server.pages;
