/** What failed and why: evidence weighed for and against each explanation, with the sum shown. */
package app.brasskettle.core.cause;
