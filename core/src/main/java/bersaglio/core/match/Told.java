package bersaglio.core.match;

import java.util.Optional;

/** Why the score stands as it does, one step after another. */
public sealed interface Told {

    /** What it is. */
    enum Step {
        RALLY,
        BONUS,
        SCORE,
        RULES,
        RULES_FROM_START,
        EXTENDED
    }

    Step step();

    /** The event that made it so. */
    String id();

    MatchState after();

    /** Whose point it was. */
    Optional<Team> scorer();

    /** Points that came without a rally that was seen. */
    default int points() {
        return 0;
    }

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

        @Override
        public Step step() {
            return Step.RALLY;
        }

        @Override
        public Optional<Team> scorer() {
            return counted.winner();
        }
    }

    /** Nobody's point, and so no end of anything. */
    sealed interface Said extends Told {
        @Override
        default Optional<Team> scorer() {
            return Optional.empty();
        }
    }

    /** A bonus, with its points. */
    record OfBonus(String id, GameRule.Bonus bonus, Team team, MatchState after) implements Told {
        @Override
        public Step step() {
            return Step.BONUS;
        }

        @Override
        public Optional<Team> scorer() {
            return Optional.of(team);
        }

        @Override
        public int points() {
            return bonus.points();
        }
    }

    /**
     * A score that was said.
     *
     * @param unseen points of the game that is on which nobody saw
     */
    record OfScore(String id, int unseen, MatchState after) implements Said {
        @Override
        public Step step() {
            return Step.SCORE;
        }

        @Override
        public int points() {
            return unseen;
        }
    }

    /** What is agreed changed. */
    record OfRules(String id, Agreed agreed, boolean fromStart, MatchState after) implements Said {
        @Override
        public Step step() {
            return fromStart ? Step.RULES_FROM_START : Step.RULES;
        }
    }

    /** The receiver chose to play on for longer. */
    record OfExtension(String id, MatchState after) implements Said {
        @Override
        public Step step() {
            return Step.EXTENDED;
        }
    }

    /** The set that it ended; the game, where games make no set. */
    default Optional<Part> ended() {
        boolean ends = after().pause() == Pause.PART || after().pause() == Pause.OVER;
        boolean surplus = this instanceof OfRally rally && rally.surplus();
        return ends && !surplus && scorer().isPresent()
                ? Optional.of(after().over().get(after().over().size() - 1))
                : Optional.empty();
    }
}
