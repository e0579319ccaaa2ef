/** Tactical rules that coaches write, and how players keep them. */
@org.jspecify.annotations.NullMarked
package bersaglio.server.tactics;
