/**
 * How the groups of a winding are joined: diagrams derived from poles, circuits and leads, and the proof of any joints, found or
 * drawn, by taking them as a network that is spun and fed.
 */
package app.brasskettle.core.connection;
