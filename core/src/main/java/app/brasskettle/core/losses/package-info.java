/** What a repair makes of a motor's losses and efficiency. */
package app.brasskettle.core.losses;
