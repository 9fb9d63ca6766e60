/** What a signature stands for: the record as it was signed, topic by topic, and what ended it. */
package app.brasskettle.core.signature;
