/** What a shop has settled for itself: the school it follows per question, and limits it changed, with its reasons. */
package app.brasskettle.core.rules;
