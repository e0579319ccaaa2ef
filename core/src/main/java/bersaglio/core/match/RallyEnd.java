package bersaglio.core.match;

import bersaglio.core.court.Side;
import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Outcome;
import java.util.Optional;

/**
 * How a rally of a match ended.
 *
 * @param winner whose it is; nobody's where it is played again, does not count, or was not seen
 * @param miss   how an error missed, as far as it was seen
 * @param length contacts of both sides, where somebody gave them; 0 where nobody did
 */
public record RallyEnd(
        How how,
        Optional<Team> winner,
        @Usually("bersaglio.core.shot.Outcome.NOT_HIT") Outcome miss,
        @Usually("bersaglio.core.court.Side.NONE") Side side,
        @Usually("0") int length) {

    public static final int LONGEST = 2000;

    /** What ended it. */
    public enum How {
        /** Nobody could play what the winner hit. */
        WINNER(true),
        /** An error that the other side's shot made. */
        FORCED(true),
        /** An error that nothing made but the one who hit. */
        UNFORCED(true),
        /** Won, and nobody said by what. */
        WON(true),
        /** Given by the rule of a game, or by who leads it. */
        GIVEN(true),
        /** Played again: a let, or what disturbed it. */
        LET(false),
        /** It does not count. */
        VOID(false),
        NOT_SEEN(false);

        private final boolean won;

        How(boolean won) {
            this.won = won;
        }

        public boolean isError() {
            return this == FORCED || this == UNFORCED;
        }
    }

    public RallyEnd {
        if (how.won != winner.isPresent()) {
            throw new Refused(
                    how.won ? "missing" : "not_allowed",
                    "winner",
                    winner.map(Team::name).orElse("nothing"),
                    how.won ? "who won it" : "nobody");
        }
        boolean missed = miss != Outcome.NOT_HIT || side != Side.NONE;
        if (missed && !how.isError() || !miss.isTrial() || miss == Outcome.HIT || miss == Outcome.IN) {
            throw new Refused("not_allowed", "miss", miss.name(), "how an error missed");
        }
        if (!miss.sides().contains(side)) {
            throw new Refused("not_allowed", "side", side.name(), miss.sides().toString());
        }
        Check.requireBetween("length", length, 0, LONGEST);
    }

    public static RallyEnd won(How how, Team winner) {
        return new RallyEnd(how, Optional.of(winner), Outcome.NOT_HIT, Side.NONE, 0);
    }

    public static RallyEnd error(How how, Team winner, Outcome miss) {
        return new RallyEnd(how, Optional.of(winner), miss, Side.NONE, 0);
    }

    public static RallyEnd without(How how) {
        return new RallyEnd(how, Optional.empty(), Outcome.NOT_HIT, Side.NONE, 0);
    }

    /** Whose error it was; nobody's where it was none. */
    public Optional<Team> erred() {
        return how.isError() ? winner.map(Team::other) : Optional.empty();
    }
}
