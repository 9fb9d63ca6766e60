/** Who is signed in, and what they may do. */
package app.brasskettle.server.access;
