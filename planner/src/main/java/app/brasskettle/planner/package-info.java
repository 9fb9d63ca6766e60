/** The search for a better plan: orders of tasks tried by a solver library, each made into a plan and judged by the core. */
package app.brasskettle.planner;
