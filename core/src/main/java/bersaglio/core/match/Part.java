package bersaglio.core.match;

import java.util.Optional;

/**
 * A set, or a game where games make no set, that is over.
 *
 * @param count    its games, or its points
 * @param tieBreak points of the tie-break that decided it
 */
public record Part(Count count, Optional<Count> tieBreak) {}
