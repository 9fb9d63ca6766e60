/** The four words every judgement ends in, and how a figure is held against a limit. */
package app.brasskettle.core.verdict;
