/** Practice of a person: attempts at exercises, drills, what a lead hand sets. Nothing of it is about a motor of the shop. */
package app.brasskettle.server.practice;
