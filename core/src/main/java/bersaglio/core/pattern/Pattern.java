package bersaglio.core.pattern;

import bersaglio.core.format.Usually;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Shots between roles, in their order. The places that they go to are zones of the level's target, each seen by whoever
 * hits.
 *
 * @param steps   1 to 40
 * @param repeats in order, none within another
 * @param then    what follows the last step
 * @param afterBreak where the next pass begins when the player broke one
 * @param openingMiss what a miss in the steps does to the point that was to follow; only where play follows
 * @param themes  for those who have one, at most one each
 */
public record Pattern(
        List<PatternStep> steps,
        @Usually("") List<Repeat> repeats,
        @Usually("bersaglio.core.pattern.Pattern.Then.STOP") Then then,
        @Usually("bersaglio.core.pattern.Pattern.AfterBreak.START_AGAIN") AfterBreak afterBreak,
        @Usually("bersaglio.core.pattern.Pattern.OpeningMiss.POINT_LOST") OpeningMiss openingMiss,
        @Usually("") List<Theme> themes) {

    public static final int MOST_STEPS = 40;

    private static final double SECONDS_TO_FEED = 5;
    private static final double SECONDS_A_SHOT = 1.5;

    /** What follows the last step. */
    public enum Then {
        STOP,
        /** The first step, with the same ball. */
        AGAIN,
        /** The point, open. */
        PLAY
    }

    /** Where the next pass begins. */
    public enum AfterBreak {
        START_AGAIN,
        GO_ON,
        STEP_BACK
    }

    /** What a miss before the point does. */
    public enum OpeningMiss {
        POINT_LOST,
        REPLAYED,
        SECOND_TRY
    }

    public Pattern {
        steps = List.copyOf(steps);
        Check.requireBetween("steps", steps.size(), 1, MOST_STEPS);
        repeats = List.copyOf(repeats);
        int free = 0;
        for (int i = 0; i < repeats.size(); i++) {
            Check.requireBetween("repeats." + i + ".first", repeats.get(i).first(), free, MOST_STEPS);
            Check.requireBetween("repeats." + i + ".last", repeats.get(i).last(), 0, steps.size() - 1);
            free = repeats.get(i).last() + 1;
            if (repeats.get(i).orFewer() && free == steps.size()) {
                throw new Refused("not_allowed", "repeats." + i + ".orFewer", "the last steps", "a step to change to");
            }
        }
        themes = List.copyOf(themes);
        Set<Actor> themed = new HashSet<>();
        for (int i = 0; i < themes.size(); i++) {
            if (!themed.add(themes.get(i).by())) {
                throw new Refused(
                        "not_allowed", "themes." + i, themes.get(i).by().name(), "one theme each");
            }
        }
    }

    public Pattern(List<PatternStep> steps, Then then) {
        this(steps, List.of(), then, AfterBreak.START_AGAIN, OpeningMiss.POINT_LOST, List.of());
    }

    /** From feed to feed, before anybody knows better. */
    public double secondsAPass() {
        int shots = steps.size();
        for (Repeat repeat : repeats) {
            shots += (repeat.times() - 1) * (repeat.last() - repeat.first() + 1);
        }
        return SECONDS_TO_FEED + SECONDS_A_SHOT * shots;
    }

    /** Those in it, in the order in which they first hit. */
    public List<Actor> actors() {
        return steps.stream().map(PatternStep::by).distinct().toList();
    }

    /** Those who can be charted in it: A first where A hits, whoever feeds last. */
    public List<Actor> players() {
        return actors().stream().sorted().toList();
    }

    /** Whether somebody hits in it. */
    public boolean has(Actor actor) {
        return actors().contains(actor);
    }

    /** The places in it of the step that somebody plays first: more than one where somebody may change before. */
    public List<Integer> firstStepsOf(Actor actor) {
        return new Following(this, actor).passes().expected();
    }

    /** The places in it of somebody's steps. */
    public List<Integer> stepsOf(Actor actor) {
        List<Integer> own = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).by() == actor) {
                own.add(i);
            }
        }
        return own;
    }

    /** The first steps only, and then play: the same pattern, half open. */
    public Pattern openAfter(int fixed) {
        Check.requireBetween("fixed", fixed, 1, steps.size());
        List<Repeat> kept = repeats.stream()
                .filter(one -> one.last() < fixed && !(one.orFewer() && one.last() == fixed - 1))
                .toList();
        return new Pattern(steps.subList(0, fixed), kept, Then.PLAY, afterBreak, openingMiss, themes);
    }

    /**
     * Every place must be a zone that is there.
     *
     * @throws Refused by the path of the first that is not
     */
    public void requireZones(List<Integer> numbers) {
        for (int i = 0; i < steps.size(); i++) {
            PatternStep step = steps.get(i);
            requireZone("steps." + i + ".from", step.from(), numbers);
            for (int j = 0; j < step.ways().size(); j++) {
                requireZone(
                        "steps." + i + ".ways." + j + ".zone",
                        step.ways().get(j).zone(),
                        numbers);
            }
        }
    }

    private static void requireZone(String field, int zone, List<Integer> numbers) {
        if (zone > 0 && !numbers.contains(zone)) {
            throw new Refused("not_allowed", field, "" + zone, "0 or one of the target's zones, " + numbers);
        }
    }
}
