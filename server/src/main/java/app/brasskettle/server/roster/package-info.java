/** Who works when, what each has learnt, the places of the shop, days off; and hours of the wall as minutes of a plan. */
package app.brasskettle.server.roster;
