/** Groups of coils around a stator: how many coils each has, what a phase collects from them, what cannot be. */
package app.brasskettle.core.grouping;
