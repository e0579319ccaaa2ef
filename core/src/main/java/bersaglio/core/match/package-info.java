/** Matches: how they are scored, who serves, and which ends are played from. */
package bersaglio.core.match;
