package bersaglio.wire.view;

import bersaglio.core.charting.SetCount;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.CountUnit;
import bersaglio.core.drill.Design;
import bersaglio.core.drill.Dials;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.Retreat;
import bersaglio.core.format.Flat;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Readout;
import bersaglio.core.pattern.Actor;
import bersaglio.core.pattern.Pattern;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.TargetSet;
import bersaglio.core.written.DrillText;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A drill version with its rungs; all its versions share the family.
 *
 * @param tracks one for each wing, hand and side that has a rung of its own, such as {@code BACKHAND-FROM_LEFT}; a single
 *               empty one where all are one
 */
public record DrillView(
        String id,
        String family,
        int version,
        String name,
        String feed,
        Freedom freedom,
        Design design,
        String court,
        List<String> tracks,
        List<LevelView> levels) {

    /**
     * One rung.
     *
     * @param ring        the ring that counts where rings are laid, from 1 for the innermost; 0 for the outermost
     * @param secondsABall from feed to feed
     * @param first       who can be charted in its pattern, whoever is where nobody is named first, and where each begins
     * @param spoken      its pattern on one line, to be read aloud, where it has one
     */
    public record LevelView(
            int number,
            TargetSet target,
            int ring,
            @Flat SidesView lying,
            @Flat AskedView asked,
            Dials dials,
            double secondsABall,
            @Flat MovingView moving,
            @Nullable String spoken,
            List<FirstView> first) {}

    /** How the target lies for a right-hander and for a left-hander. */
    public record SidesView(LyingView forRight, LyingView forLeft) {
        static SidesView of(Level level) {
            return new SidesView(
                    LyingView.of(level.target(), level.ring(), Conditions.AS_DRAWN),
                    LyingView.of(level.target(), level.ring(), Conditions.AS_DRAWN.with(Hand.LEFT)));
        }
    }

    /**
     * The goal, with what it says of itself.
     *
     * @param fresh     the count of a set of it before the first ball
     * @param readout   how its count is read out
     * @param unit      what is counted
     * @param hitsAlone whether hits alone decide it, so that "h of n" says all
     * @param hasAClock whether somebody starts and stops a clock while it is played
     * @param sides     that play against each other; 1 where nobody does
     */
    public record AskedView(
            Goal goal,
            CountView fresh,
            Readout readout,
            CountUnit.Kind unit,
            boolean hitsAlone,
            boolean hasAClock,
            int sides) {
        static AskedView of(Goal goal, CountUnit.Kind unit) {
            return new AskedView(
                    goal,
                    CountView.of(SetCount.before(goal)),
                    goal.readout(),
                    unit,
                    goal.hitsAloneDecide(),
                    goal.hasAClock(),
                    goal.sides());
        }
    }

    /**
     * What moves a player off the level.
     *
     * @param targetRate  the true rate that it asks for
     * @param accepts     whose calls the advance rule takes
     * @param coachTarget the target rate, where a coach set it
     */
    public record MovingView(
            int tries,
            double targetRate,
            AdvanceRule advance,
            Retreat retreat,
            List<Caller> accepts,
            @Nullable Double coachTarget) {
        static MovingView of(Level level) {
            return new MovingView(
                    level.tries(),
                    level.targetRate(),
                    level.advance(),
                    level.retreat(),
                    level.accepts().stream().sorted().toList(),
                    level.coachTarget().isPresent() ? level.coachTarget().getAsDouble() : null);
        }
    }

    /** Places in the pattern of the step that somebody plays first. */
    public record FirstView(Actor by, List<Integer> steps) {}

    public static DrillView of(Drill drill) {
        return new DrillView(
                drill.id(),
                drill.family(),
                drill.version(),
                drill.name(),
                drill.feed(),
                drill.freedom(),
                drill.design(),
                drill.court().id(),
                drill.design().tracks(),
                drill.levels().stream()
                        .map(level -> of(level, drill.design().unit().kind()))
                        .toList());
    }

    private static LevelView of(Level level, CountUnit.Kind unit) {
        return new LevelView(
                level.number(),
                level.target(),
                level.ring(),
                SidesView.of(level),
                AskedView.of(level.goal(), unit),
                level.dials(),
                level.secondsABall(),
                MovingView.of(level),
                level.dials()
                        .pattern()
                        .map(pattern -> DrillText.spoken(pattern, level.target()))
                        .orElse(null),
                level.dials().pattern().map(DrillView::firstSteps).orElse(List.of()));
    }

    private static List<FirstView> firstSteps(Pattern pattern) {
        return pattern.players().stream()
                .map(actor -> new FirstView(actor, pattern.firstStepsOf(actor)))
                .toList();
    }
}
