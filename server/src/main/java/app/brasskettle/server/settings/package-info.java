/** What the shop settled for itself: name, currency, rates, schools, limits, and its certificate for explosion-protected motors. */
package app.brasskettle.server.settings;
