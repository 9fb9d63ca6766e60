/** May this motor be put on power, may high voltage be applied, and how long must its leads stay grounded. */
package app.brasskettle.core.energise;
