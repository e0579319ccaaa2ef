package bersaglio.core.charting;

import bersaglio.core.court.Point;
import bersaglio.core.drill.CountUnit;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Level;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Start;
import bersaglio.core.goal.Step;
import bersaglio.core.pattern.Asked;
import bersaglio.core.pattern.Following;
import bersaglio.core.pattern.Following.Graded;
import bersaglio.core.pattern.Passes;
import bersaglio.core.pattern.Way;
import bersaglio.core.rally.Ending;
import bersaglio.core.rally.Rallies;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import bersaglio.core.shot.Ruling;
import bersaglio.core.shot.Shot;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.Stance;
import bersaglio.core.target.Umpire;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Goes through what was logged in a set, and judges and counts it. */
final class SetReplay {

    /** What is asked under which conditions. */
    record Conditioned(
            Drill drill, int level, Conditions conditions, List<Optional<Stance>> stances, double charterSd) {
        Level rung() {
            return drill.level(level);
        }
    }

    /** A step's own zones, with the opponents in a stance. */
    private record Lit(int stance, List<Integer> zones) {}

    /** Of a set that is of something else: its rallies are counted as they are. */
    private static final Rally NO_GOAL = new Rally(1, 1, 0);

    private final Conditioned asked;
    private final boolean turned;
    private final RunState run;
    private final Counting counting;
    private final Optional<Following> following;
    private final OthersCount others;
    private final RallyCount rallies = new RallyCount();
    private final List<Shot> shots = new ArrayList<>();
    private final List<Umpire> umpires = new ArrayList<>();
    private final Map<Lit, Umpire> lit = new HashMap<>();
    private double valuesTaken;
    /** Of what was logged. */
    private int gone;
    /** The shot before the next one, while a pass or a point is on. */
    private Optional<String> last = Optional.empty();

    SetReplay(Conditioned asked, boolean turned, Start start, Occasion occasion, RunState run) {
        this.asked = asked;
        this.turned = turned;
        this.run = run;
        this.counting = new Counting(asked.drill(), asked.level(), start);
        this.following = asked.rung().dials().pattern().map(pattern -> new Following(pattern, occasion.as()));
        this.others = new OthersCount(following.map(Following::pattern));
        asked.stances().forEach(stance -> umpires.add(asked.rung().umpire(conditions(stance))));
    }

    /** From where it stands to the end of what was logged so far. */
    void goThrough(List<Logged> all) {
        for (Logged logged : all.subList(gone, all.size())) {
            if (!logged.late() || logged instanceof LoggedShot) {
                logged.takenBy(this);
            }
        }
        gone = all.size();
    }

    private Conditions conditions(Optional<Stance> stance) {
        return asked.conditions().withStance(stance);
    }

    void take(Step step) {
        valuesTaken += step instanceof Step.Value value ? value.value() : 0;
        counting.take(step);
    }

    void takeLength(Step.Value length) {
        rallies.typed(length.value(), length.at());
        take(length);
    }

    void startScoring() {
        counting.startScoring();
    }

    void contact(Role by) {
        following.ifPresentOrElse(Following::contact, () -> rallies.contact(by));
    }

    void ask(Asked called) {
        following.ifPresent(passes -> passes.ask(called));
    }

    void over(Ending ending, long at) {
        if (following.isPresent() && counting.findsRange()) {
            return;
        }
        if (following.isPresent()) {
            following.get().end(ending, at).ifPresent(whole -> pass(whole, at));
            last = Optional.empty();
        } else {
            Rally rally = rallyGoal();
            // All of them were hit, whichever of them the goal counts.
            valuesTaken += rallies.contactsNow();
            rallies.end(ending, at, rally).ifPresent(length -> counting.take(new Step.Value(length, 0, at)));
        }
    }

    private Rally rallyGoal() {
        return asked.rung().goal().rallies().orElse(NO_GOAL);
    }

    void take(LoggedShot shot) {
        shots.add(shot(shot));
    }

    private Shot shot(LoggedShot shot) {
        Umpire umpire = umpires.get(shot.when.stance());
        List<Point> places = turned ? umpire.turned(shot.places) : shot.places;
        if (following.isPresent() && !shot.late() && !shot.inNoOrder && !counting.findsRange()) {
            return inPattern(following.get(), shot, umpire, places);
        }
        Ruling ruling = shot.rule(umpire, places);
        boolean counted = !shot.late()
                && shot.struck().isOwn()
                && (!shot.inNoOrder || counting.takesHitsAlone())
                && counting.shot(ruling, shot.team, points(umpire, places), shot.when.active());
        return shot.asShot(
                umpire,
                places,
                asked.charterSd(),
                ruling,
                counted,
                Shot.NO_STEP,
                Optional.empty(),
                run.notesOn(shot.id));
    }

    private static int points(Umpire umpire, List<Point> places) {
        return places.isEmpty() ? 0 : umpire.points(places);
    }

    private Shot inPattern(Following passes, LoggedShot shot, Umpire whole, List<Point> places) {
        Following.Judge judge = ways -> rule(shot, ways, places);
        Graded graded = shot.struck().isOwn()
                ? passes.own(judge, shot.struck().stroke(), shot.id, shot.when.active())
                : passes.other(judge, shot.struck().stroke(), shot.when.active());
        boolean counted = shot.struck().isOwn() && graded.step() >= 0 && count(shot, graded);
        if (!shot.struck().isOwn() && graded.step() >= 0) {
            others.take(passes.pattern().steps().get(graded.step()).by(), graded.ruling(), shot.when.active());
        }
        Optional<String> after = last;
        if (graded.ruling().outcome() != Outcome.VOID) {
            last = passes.isOn() ? Optional.of(shot.id) : Optional.empty();
        }
        Umpire umpire = graded.step() < 0 ? whole : lit(shot.when.stance(), graded.ways());
        return shot.asShot(
                umpire,
                places,
                asked.charterSd(),
                graded.ruling(),
                counted,
                graded.step(),
                after,
                run.notesOn(shot.id));
    }

    boolean countsPasses() {
        return following.isPresent() && asked.drill().design().unit().kind() == CountUnit.Kind.PASS;
    }

    /** A pass is counted at its end; of a drill that counts balls, each own shot is. */
    private boolean count(LoggedShot shot, Graded graded) {
        if (!countsPasses()) {
            return counting.shot(graded.ruling(), shot.team, 0, shot.when.active());
        }
        boolean counts = counting.goesOn();
        graded.trial().ifPresent(held -> pass(held, shot.when.active()));
        return counts;
    }

    private void pass(boolean whole, long at) {
        if (countsPasses()) {
            counting.shot(whole ? Ruling.HIT : Ruling.of(Outcome.NOT_HIT), 0, 0, at);
        }
    }

    /** By the zones that a step goes to; where it goes anywhere, what is in play is right. */
    private Ruling rule(LoggedShot shot, List<Way> ways, List<Point> places) {
        boolean anywhere = ways.stream().anyMatch(way -> way.zone() == 0);
        Ruling ruling =
                shot.said().orElseGet(() -> lit(shot.when.stance(), ways).rule(places));
        if (anywhere && ruling.outcome() == Outcome.IN) {
            return Ruling.HIT;
        }
        boolean elsewhere = ruling.outcome() == Outcome.HIT
                && ruling.zone() > 0
                && !anywhere
                && ways.stream().noneMatch(way -> way.zone() == ruling.zone());
        return elsewhere ? Ruling.of(Outcome.IN) : ruling;
    }

    private Umpire lit(int stance, List<Way> ways) {
        List<Integer> zones =
                ways.stream().map(Way::zone).filter(zone -> zone > 0).distinct().toList();
        return zones.isEmpty()
                ? umpires.get(stance)
                : lit.computeIfAbsent(new Lit(stance, zones), one -> asked.rung()
                        .target()
                        .only(zones)
                        .umpire(asked.rung().ring(), conditions(asked.stances().get(stance))));
    }

    List<Shot> shots() {
        return shots;
    }

    Rallies rallies() {
        return rallies.rallies(rallyGoal());
    }

    Passes passes() {
        return following.map(Following::passes).orElse(Passes.NONE);
    }

    List<RoleCount> others() {
        return others.counts();
    }

    Counting counting() {
        return counting;
    }

    double valuesTaken() {
        return valuesTaken;
    }
}
