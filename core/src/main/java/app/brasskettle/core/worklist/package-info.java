/** What is still to be done on a motor, as the planner takes it: pieces of the task table’s tasks, less what the record says is done. */
package app.brasskettle.core.worklist;
