/** What a kind of test is: its place, its judgement, what it does to power, what the plate says to it. One definition each. */
package app.brasskettle.core.testkind;
