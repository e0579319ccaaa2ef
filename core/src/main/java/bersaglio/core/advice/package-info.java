/** What a match says of placements and serves, and what to change while there is still time. */
package bersaglio.core.advice;
