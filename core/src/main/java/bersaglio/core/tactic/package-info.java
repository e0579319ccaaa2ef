/** What a coach asks of rallies, checked on those that were charted. */
package bersaglio.core.tactic;
