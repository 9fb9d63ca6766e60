/** Readings of a test as a text file with the units in its header, and back. */
package app.brasskettle.core.testfile;
