/** What is found on an open motor, component by component, and what each finding says to the cause. */
package app.brasskettle.core.findings;
