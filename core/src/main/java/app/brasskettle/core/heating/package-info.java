/** Heat in a winding: how fast a stalled one burns, and how warm a loaded one runs. */
package app.brasskettle.core.heating;
