/** Shaft extensions: how true they run, and their key seats. */
package app.brasskettle.core.extension;
