/** The API's description, from which the pages' types are made. */
package app.brasskettle.server.openapi;
