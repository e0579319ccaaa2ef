package bersaglio.core.charting;

import bersaglio.core.format.Usually;
import bersaglio.core.goal.Step;
import bersaglio.core.pattern.Actor;
import bersaglio.core.problem.Check;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * How a set came about, besides its player and its drill.
 *
 * @param partners who plays with or against the player, in the order of the sides
 * @param queue    what the sets of a queue have in common
 * @param heldAt   when it was held, for one that is entered later from paper; milliseconds since 1970
 * @param as       the player's place in the pattern
 */
public record Occasion(
        @Usually("") List<String> partners,
        Optional<String> queue,
        OptionalLong heldAt,
        @Usually("bersaglio.core.pattern.Actor.A") Actor as) {

    public static final Occasion ALONE = new Occasion(List.of(), Optional.empty(), OptionalLong.empty(), Actor.A);

    static final long LATEST = 4_102_444_800_000L;

    public Occasion {
        partners = List.copyOf(partners);
        Check.requireBetween("partners", partners.size(), 0, Step.MOST_SIDES - 1);
        for (int i = 0; i < partners.size(); i++) {
            Check.requireId("partners." + i, partners.get(i));
        }
        Check.requireId("queue", queue.orElse("none"));
        Check.requireBetween("heldAt", heldAt.orElse(0), 0, LATEST);
    }

    public Occasion(List<String> partners, Optional<String> queue, OptionalLong heldAt) {
        this(partners, queue, heldAt, Actor.A);
    }

    /** In another place of the pattern. */
    public Occasion as(Actor other) {
        return new Occasion(partners, queue, heldAt, other);
    }

    public boolean isEnteredLater() {
        return heldAt.isPresent();
    }
}
