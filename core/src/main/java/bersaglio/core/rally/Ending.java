package bersaglio.core.rally;

import bersaglio.core.court.Side;
import bersaglio.core.format.Usually;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import java.util.Optional;

/**
 * How a rally ended.
 *
 * @param by   whose shot ended it; nobody's where it was meant to end, was stopped or was not seen
 * @param miss what became of an error, as far as it was seen
 * @param side that an error missed to
 */
public record Ending(
        How how,
        Optional<Role> by,
        @Usually("bersaglio.core.shot.Outcome.NOT_HIT") Outcome miss,
        @Usually("bersaglio.core.court.Side.NONE") Side side) {

    /** What ended it. */
    public enum How {
        WINNER,
        ERROR,
        /** It was meant to end there: the length was reached, or the drill goes on with the next. */
        PLANNED,
        /** A let, another ball on court, the end of the time. */
        STOPPED,
        NOT_SEEN
    }

    public static final Ending PLANNED = new Ending(How.PLANNED, Optional.empty(), Outcome.NOT_HIT, Side.NONE);

    public Ending {
        boolean shot = how == How.WINNER || how == How.ERROR;
        if (shot != by.isPresent()) {
            throw new Refused(
                    shot ? "missing" : "not_allowed",
                    "by",
                    by.map(Role::name).orElse("nothing"),
                    shot ? "whose shot ended it" : "nobody");
        }
        boolean missed = miss != Outcome.NOT_HIT || side != Side.NONE;
        if (missed && how != How.ERROR || !miss.isTrial() || miss == Outcome.HIT) {
            throw new Refused("not_allowed", "miss", miss.name(), "what became of an error");
        }
        if (!miss.sides().contains(side)) {
            throw new Refused("not_allowed", "side", side.name(), miss.sides().toString());
        }
    }

    public static Ending error(Role by, Outcome miss, Side side) {
        return new Ending(How.ERROR, Optional.of(by), miss, side);
    }

    /** Whether the player's own error ended it; all else leaves open how long the player would have lasted. */
    public boolean isOwnError() {
        return how == How.ERROR && by.equals(Optional.of(Role.PLAYER));
    }
}
