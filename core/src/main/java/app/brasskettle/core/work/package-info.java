/** Work on a motor: what it makes of the tests taken before, and the winding it leaves behind. */
package app.brasskettle.core.work;
