/**
 * What is recorded of a test on a job and what it is worth now: its definition, the work done since, and the one effective
 * judgement that every reader takes.
 */
package app.brasskettle.core.testrecord;
