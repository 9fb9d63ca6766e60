/** From the answer to the proof: stripping, the core after it, coils, varnish; what each step needs, and what it came to. */
package app.brasskettle.core.rewind;
