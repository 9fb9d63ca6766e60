/** The one shape every computation of the trade has: named input, checked at once, answered with figures and steps. */
package app.brasskettle.core.worksheet;
