/** Hours that tasks took, by the taps of those who did them, beside the task table and the quote. */
package app.brasskettle.core.tasktime;
