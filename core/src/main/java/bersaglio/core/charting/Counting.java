package bersaglio.core.charting;

import bersaglio.core.drill.Design.RangeFinding;
import bersaglio.core.drill.Drill;
import bersaglio.core.goal.Scoresheet;
import bersaglio.core.goal.Start;
import bersaglio.core.goal.Step;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.OptionalInt;

/** Counts a set for its goal while its entries are gone through. */
final class Counting {

    private final Scoresheet course;
    private final Units units;
    private boolean scoring;

    Counting(Drill drill, int level, Start start) {
        this.course = new Scoresheet(drill.level(level).goal(), start);
        this.units = new Units(drill.design().unit());
        this.scoring = drill.design().rangeFinding() == RangeFinding.NONE;
    }

    /** @return whether the shot belongs to the count; what is no trial belongs to it without changing it */
    boolean shot(Ruling ruling, int team, int points, long at) {
        if (!scoring) {
            return false;
        }
        if (!ruling.outcome().isTrial()) {
            return true;
        }
        if (course.isFull()) {
            return false;
        }
        Step.Ball ball = new Step.Ball(ruling.outcome() == Outcome.HIT, team, ruling.zone(), points, at);
        return units.after(ball).map(course::take).orElse(true);
    }

    boolean takesHitsAlone() {
        return course.goal().hitsAloneDecide();
    }

    /** Whether what comes now belongs to the count. */
    boolean goesOn() {
        return scoring && !course.isFull();
    }

    /** Whether nothing counts yet. */
    boolean findsRange() {
        return !scoring;
    }

    void take(Step step) {
        course.take(step);
    }

    void startScoring() {
        scoring = true;
    }

    SetCount count(long heldAt, OptionalInt called) {
        return SetCount.of(course, heldAt, scoring, called);
    }
}
