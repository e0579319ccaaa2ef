/** Patterns: shots between roles in an order, the passes that are charted of them, and the step at which they break. */
package bersaglio.core.pattern;
