package bersaglio.core.match;

import java.util.Optional;

/** Why the score stands as it does, one step after another. */
public sealed interface Told {

    /** The event that made it so. */
    String id();

    MatchState after();

    /**
     * A rally.
     *
     * @param counted what it came to by the rules that hold
     * @param broken  the rule that it broke
     * @param surplus whether it came after the end, and changes nothing
     */
    record OfRally(PlayedRally rally, RallyEnd counted, Optional<GameRule> broken, boolean surplus, MatchState after)
            implements Told {
        @Override
        public String id() {
            return rally.id();
        }

        /** Whether it was somebody's point. */
        boolean counts() {
            return counted.winner().isPresent();
        }
    }

    /** A bonus, with its points. */
    record OfBonus(String id, GameRule.Bonus bonus, Team team, MatchState after) implements Told {}

    /**
     * A score that was said.
     *
     * @param unseen points of the game that is on which nobody saw
     */
    record OfScore(String id, int unseen, MatchState after) implements Told {}

    /** What is agreed changed. */
    record OfRules(String id, Agreed agreed, boolean fromStart, MatchState after) implements Told {}

    /** The receiver chose to play on for longer. */
    record OfExtension(String id, MatchState after) implements Told {}

    /** The set that it ended; the game, where games make no set. */
    default Optional<Part> ended() {
        boolean ends = (after().pause() == Pause.PART || after().pause() == Pause.OVER)
                && (this instanceof OfBonus || this instanceof OfRally rally && !rally.surplus() && rally.counts());
        return ends ? Optional.of(after().over().get(after().over().size() - 1)) : Optional.empty();
    }
}
