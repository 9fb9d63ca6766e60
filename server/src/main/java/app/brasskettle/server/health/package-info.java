/** Whether the server can do its work, answered in time. */
package app.brasskettle.server.health;
