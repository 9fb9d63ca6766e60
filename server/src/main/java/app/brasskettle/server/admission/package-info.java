/** What comes in, bounded before anything works on it: bodies, texts of the address, and how much heavy work there is at once. */
package app.brasskettle.server.admission;
