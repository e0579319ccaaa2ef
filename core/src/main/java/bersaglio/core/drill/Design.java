package bersaglio.core.drill;

import bersaglio.core.format.Called;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;

/**
 * How a drill is meant and run, apart from its rungs. All of it belongs to the version, and so to its results.
 *
 * @param purposes   what it serves, in the coach's words, at most 6
 * @param situation  of a match that it feeds; may be empty
 * @param watchPoint one thing to watch, in the coach's words; may be empty
 * @param apart      what has a rung of its own
 * @param requires   levels of other drills to stand on first
 * @param below      the drill family below its lowest level
 */
public record Design(
        List<String> purposes,
        String situation,
        String watchPoint,
        CountUnit unit,
        Order order,
        RangeFinding rangeFinding,
        Setting setting,
        Set<Apart> apart,
        @Called("players") Group group,
        int minutes,
        List<Requirement> requires,
        Optional<String> below) {

    /** Whether the same thing is hit again and again, or things change from ball to ball. */
    public enum Order {
        BLOCKED,
        MIXED
    }

    /** Whether a few balls that never count come first, until the coach says so. */
    public enum RangeFinding {
        NONE,
        UNTIL_THE_COACH_SAYS
    }

    /** What is kept on a rung of its own, with what it can be. */
    public enum Apart {
        WING("FOREHAND", "BACKHAND"),
        HAND("STRONGER_HAND", "WEAKER_HAND"),
        SIDE("FROM_RIGHT", "FROM_LEFT");

        private final List<String> ways;

        Apart(String... ways) {
            this.ways = List.of(ways);
        }

        public List<String> ways() {
            return ways;
        }
    }

    /**
     * @param feeder     who or what feeds
     * @param partnerMay what the partner may do; may be empty
     * @param ball       its state, where it matters; may be empty
     * @param obstruction what is in the way or in view; may be empty
     */
    public record Setting(String feeder, String partnerMay, String ball, String obstruction) {

        public static final Setting PLAIN = new Setting("", "", "", "");

        public Setting {
            requireShort("feeder", feeder);
            requireShort("partnerMay", partnerMay);
            requireShort("ball", ball);
            requireShort("obstruction", obstruction);
        }
    }

    /** Players at once, 1 to 30. */
    public record Group(int least, int most) {

        public Group {
            Check.requireBetween("group.least", least, 1, 30);
            Check.requireBetween("group.most", most, least, 30);
        }
    }

    /** @param level of the family that a player must stand on, or higher */
    public record Requirement(String family, int level) {

        public Requirement {
            Check.requireId("family", family);
            Check.requireBetween("level", level, 1, 50);
        }
    }

    public static final Design PLAIN = new Design(
            List.of(),
            "",
            "",
            CountUnit.BALL,
            Order.BLOCKED,
            RangeFinding.NONE,
            Setting.PLAIN,
            Set.of(),
            new Group(1, 1),
            10,
            List.of(),
            Optional.empty());

    public Design {
        purposes = List.copyOf(purposes);
        Check.requireBetween("purposes", purposes.size(), 0, 6);
        for (int i = 0; i < purposes.size(); i++) {
            Check.requireText("purposes." + i, purposes.get(i), 60);
        }
        requireShort("situation", situation);
        requireShort("watchPoint", watchPoint);
        apart = Set.copyOf(apart);
        Check.requireBetween("minutes", minutes, 1, 120);
        requires = List.copyOf(requires);
        Check.requireBetween("requires", requires.size(), 0, 6);
        Check.requireId("below", below.orElse("none"));
    }

    /** One for each rung of its own, such as {@code BACKHAND-FROM_LEFT}; a single one without a name where all are one. */
    public List<String> tracks() {
        List<String> tracks = List.of("");
        for (Apart one : Apart.values()) {
            if (apart.contains(one)) {
                List<String> longer = new ArrayList<>();
                for (String track : tracks) {
                    one.ways().forEach(way -> longer.add(track.isEmpty() ? way : track + "-" + way));
                }
                tracks = longer;
            }
        }
        return tracks;
    }

    /** @param standsOn the level on which a player stands on another drill, by its family */
    public List<Requirement> unmet(ToIntFunction<String> standsOn) {
        return requires.stream()
                .filter(one -> standsOn.applyAsInt(one.family()) < one.level())
                .toList();
    }

    private static void requireShort(String field, String words) {
        if (words.length() > 120) {
            throw new Refused("bad_name", field, words, "at most 120 characters");
        }
    }
}
