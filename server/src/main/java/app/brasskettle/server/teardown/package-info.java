/** Taking a motor apart and putting it together again. */
package app.brasskettle.server.teardown;
