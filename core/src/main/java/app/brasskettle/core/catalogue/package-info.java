/** All worksheets by name, and the form each asks to be filled in. */
package app.brasskettle.core.catalogue;
