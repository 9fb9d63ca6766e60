/** Records of the core as JSON, and strict reading of what comes in. */
package app.brasskettle.server.json;
