package bersaglio.core.charting;

import bersaglio.core.court.Point;
import bersaglio.core.court.Standpoint;
import bersaglio.core.format.Family;
import bersaglio.core.format.Flat;
import bersaglio.core.format.Kind;
import bersaglio.core.format.Usually;
import bersaglio.core.goal.Step;
import bersaglio.core.pattern.Asked;
import bersaglio.core.problem.Check;
import bersaglio.core.rally.Ending;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Struck;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Stance;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is charted of a drill's set. Each kind knows what it does to the chart; corrections name what they act on. */
@Family(apart = true)
public sealed interface SetEvent extends EventBody {

    void applyTo(SetChart chart, ChartEvent event);

    /** What undo and redo step over. */
    sealed interface Entry extends SetEvent {
        @Override
        default boolean canBeUndone() {
            return true;
        }
    }

    /** What is played, one after the other: most of what a set is made of. */
    sealed interface Addition extends Entry {
        @Override
        default boolean onlyAdds() {
            return true;
        }
    }

    /**
     * A set starts. Hitter, hand, drill version, place and what was laid are kept as they stood at the first touch.
     *
     * @param toBeat   the player's best so far, where the goal is to beat it
     * @param track    wing, hand and side that the drill keeps apart; empty where it keeps none
     * @param occasion who else is in it, and whether it comes from paper
     */
    @Kind("set.opened")
    record SetOpened(
            String player,
            Hand hand,
            String drill,
            int level,
            Standpoint standpoint,
            @Flat Setup setup,
            OptionalDouble toBeat,
            @Usually("") String track,
            @Flat Occasion occasion)
            implements SetEvent {
        public SetOpened {
            Check.requireId("player", player);
            Check.requireId("drill", drill);
            Check.requireAtLeast("level", level, 1);
            Check.requireBetween("toBeat", toBeat.orElse(0), 0, 1e6);
            Check.requireId("track", track.isEmpty() ? "none" : track);
        }

        public SetOpened with(Occasion other) {
            return new SetOpened(player, hand, drill, level, standpoint, setup, toBeat, track, other);
        }

        /** Hit from a side, on the rung of a wing, hand or side. */
        public SetOpened on(String rung, From side) {
            return new SetOpened(player, hand, drill, level, standpoint, setup.from(side), toBeat, rung, occasion);
        }

        /** With everything as drawn, in no particular place. */
        public SetOpened(String player, Hand hand, String drill, int level, Standpoint standpoint) {
            this(player, hand, drill, level, standpoint, Setup.AS_DRAWN, OptionalDouble.empty(), "", Occasion.ALONE);
        }

        public Conditions conditions() {
            return new Conditions(hand, setup.from(), setup.opponent(), Optional.empty(), setup.laid());
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.open(this, event);
        }
    }

    /**
     * A shot landed where the charter touched.
     *
     * @param places where the ball came to in order, for a target on more than one surface; else the landing alone
     */
    @Kind("shot.landed")
    record ShotLanded(@Flat List<Point> places, Caller by, @Usually("0") int team, @Flat Struck struck)
            implements Addition {

        private static final double FARTHEST = 70;
        private static final int MOST_PLACES = 4;

        public ShotLanded {
            Check.requireBetween("places", places.size(), 1, MOST_PLACES);
            for (Point place : places) {
                Check.requireBetween("x", place.x(), -FARTHEST, FARTHEST);
                Check.requireBetween("y", place.y(), -FARTHEST, FARTHEST);
            }
            places = List.copyOf(places);
            Check.requireBetween("team", team, 0, Step.MOST_SIDES - 1);
        }

        public ShotLanded(List<Point> places, Caller by, int team) {
            this(places, by, team, Struck.BY_THE_PLAYER);
        }

        public ShotLanded(List<Point> places, Caller by) {
            this(places, by, 0);
        }

        public ShotLanded(Point landing, Caller by) {
            this(List.of(landing), by);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.land(this, event);
        }
    }

    /** A shot without a place, logged by a key. */
    @Kind("shot.keyed")
    record ShotKeyed(@Flat Ruling ruling, Caller by, @Usually("0") int team, @Flat Struck struck) implements Addition {
        public ShotKeyed {
            Check.requireBetween("team", team, 0, Step.MOST_SIDES - 1);
        }

        public ShotKeyed(Ruling ruling, Caller by, int team) {
            this(ruling, by, team, Struck.BY_THE_PLAYER);
        }

        public ShotKeyed(Ruling ruling, Caller by) {
            this(ruling, by, 0);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.key(this, event);
        }
    }

    /** A number was taken: the length of a rally, seconds held, what the drill measures. */
    @Kind("value.taken")
    record ValueTaken(double value, @Usually("0") int team) implements Addition {
        public ValueTaken {
            Check.requireBetween("value", value, 0, 1e6);
            Check.requireBetween("team", team, 0, Step.MOST_SIDES - 1);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.take(this, event);
        }
    }

    /** Somebody hit the ball in a rally. */
    @Kind("contact.made")
    record ContactMade(Role by) implements Addition {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.contact(by);
        }
    }

    /** Of the ways that the player's next step leaves open, one was called ahead. */
    @Kind("step.called")
    record StepCalled(@Flat Asked asked) implements SetEvent {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.ask(asked);
        }
    }

    /** A rally is over; its length is that of its contacts. */
    @Kind("rally.ended")
    record RallyEnded(@Flat Ending ending) implements Addition {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.endRally(ending, event);
        }
    }

    /** So many hits of so many balls, counted by somebody; in which order is not known. */
    @Kind("hits.counted")
    record HitsCounted(int hits, int balls, Caller by, @Usually("0") int team) implements Entry {
        public HitsCounted {
            Check.requireBetween("balls", balls, 1, 1000);
            Check.requireBetween("hits", hits, 0, balls);
            Check.requireBetween("team", team, 0, Step.MOST_SIDES - 1);
        }

        /** As no order is known, the hits are spread evenly. */
        boolean isHit(int ball) {
            return (ball + 1) * hits / balls > ball * hits / balls;
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.countHits(this, event);
        }
    }

    /** With which stroke a shot was hit, said after it; empty for the one that was asked for. */
    @Kind("shot.stroked")
    record ShotStroked(String shot, String stroke) implements Entry {
        public ShotStroked {
            Check.requireId("shot", shot);
            new Struck(Role.PLAYER, stroke);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.stroke(shot, stroke);
        }
    }

    /** The shot was another player's; it is logged again in that player's set, and void here. */
    @Kind("shot.given")
    record ShotGiven(String shot, String to) implements Entry {
        public ShotGiven {
            Check.requireId("shot", shot);
            Check.requireId("to", to);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.give(shot, to);
        }
    }

    /** The clock of a round or a lap. */
    @Kind("clock.turned")
    record ClockTurned(Clock to) implements Entry {

        /** What it does. */
        public enum Clock {
            STARTED,
            STOPPED
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.count(event, at -> to == Clock.STARTED ? new Step.Started(at) : new Step.Stopped(at));
        }
    }

    /** So many of what the misses owe were paid. */
    @Kind("owed.paid")
    record OwedPaid(int count) implements Entry {
        public OwedPaid {
            Check.requireBetween("count", count, 1, 1000);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.count(event, at -> new Step.Paid(count, at));
        }
    }

    /** Range finding ends: what comes now counts. */
    @Kind("scoring.started")
    record ScoringStarted() implements Entry {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.startScoring();
        }
    }

    /** The player calls a number before the set. */
    @Kind("number.called")
    record NumberCalled(int number) implements Entry {
        public NumberCalled {
            Check.requireBetween("number", number, 0, 100_000);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.callNumber(number);
        }
    }

    /** A person's call on a shot; it counts, and the mark stays as touched. Voiding a shot is such a call. */
    @Kind("shot.called")
    record ShotCalled(String shot, @Flat Ruling ruling) implements Entry {
        public ShotCalled {
            Check.requireId("shot", shot);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.call(shot, ruling);
        }
    }

    /** The set belongs to another player, level or date; its level move goes back. */
    @Kind("set.moved")
    record SetMoved(String player, Hand hand, int level, long heldAt) implements SetEvent {
        public SetMoved {
            Check.requireId("player", player);
            Check.requireAtLeast("level", level, 1);
            Check.requireBetween("heldAt", heldAt, 0, Occasion.LATEST);
        }

        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.moveTo(this);
        }
    }

    /** The opponents stand elsewhere from here on; zones drawn from them follow. */
    @Kind("stance.moved")
    record StanceMoved(@Flat Stance stance) implements Entry {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.standAt(stance);
        }
    }

    /** The set was charted the wrong way round: every landing is turned by half a turn; its level move goes back. */
    @Kind("set.turned")
    record SetTurned() implements SetEvent {
        @Override
        public void applyTo(SetChart chart, ChartEvent event) {
            chart.turn();
        }
    }
}
