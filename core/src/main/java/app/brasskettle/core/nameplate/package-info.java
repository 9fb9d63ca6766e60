/** What a nameplate says, and what follows from it. */
package app.brasskettle.core.nameplate;
