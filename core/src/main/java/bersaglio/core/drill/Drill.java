package bersaglio.core.drill;

import bersaglio.core.court.Court;
import bersaglio.core.format.Usually;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Memo;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.Change;
import bersaglio.core.target.TargetSet;
import java.util.ArrayList;
import java.util.List;

/**
 * One version of a drill with its progression. A version never changes: results belong to it.
 *
 * @param id      of this version
 * @param family  what all versions of the drill share
 * @param version 1 for the first
 * @param levels  the rungs in order, at least one, all on the same court
 */
public record Drill(
        String id,
        String family,
        int version,
        String name,
        String feed,
        Freedom freedom,
        @Usually(value = "bersaglio.core.drill.Design.PLAIN", written = true) Design design,
        List<Level> levels) {

    private static final int LONGEST_NAME = 80;
    private static final int MOST_LEVELS = 50;

    public Drill(String id, String family, int version, String name, String feed, Freedom freedom, List<Level> levels) {
        this(id, family, version, name, feed, freedom, Design.PLAIN, levels);
    }

    public Drill {
        Check.requireId("id", id);
        Check.requireId("family", family);
        Check.requireAtLeast("version", version, 1);
        Check.requireText("name", name, LONGEST_NAME);
        Check.requireBetween("levels", levels.size(), 0, MOST_LEVELS);
        levels = List.copyOf(levels);
        if (levels.isEmpty()) {
            throw new Refused("empty_progression", "levels", "none", "at least one level");
        }
        for (int i = 0; i < levels.size(); i++) {
            Check.requireBetween("levels." + i + ".number", levels.get(i).number(), i + 1, i + 1);
            String court = levels.get(i).target().court().id();
            if (!court.equals(levels.get(0).target().court().id())) {
                throw new Refused("not_allowed", "levels." + i + ".target.court", court, "one court for all levels");
            }
        }
    }

    public Court court() {
        return levels.get(0).target().court();
    }

    public Level level(int number) {
        Check.requireBetween("level", number, 1, levels.size());
        return levels.get(number - 1);
    }

    public boolean isTop(int level) {
        return level == levels.size();
    }

    /** The same drill as a version of this family. */
    public Drill as(String otherFamily, int otherVersion) {
        return new Drill(
                otherFamily + "-" + otherVersion, otherFamily, otherVersion, name, feed, freedom, design, levels);
    }

    public Drill of(List<Level> others) {
        return new Drill(id, family, version, name, feed, freedom, design, others);
    }

    /** With what is kept longer, or by more, than it is itself. */
    public Drill remembering(Memo memo) {
        return of(levels.stream().map(level -> level.remembering(memo)).toList());
    }

    /** Every target on the other side; stations stay in their order. */
    public Drill mirrored() {
        return of(levels.stream()
                .map(level -> level.aimedAt(level.target().with(new Change.Mirrored()), level.ring()))
                .toList());
    }

    /** The numbers of levels that ask for less than the one before them; that is allowed, but seldom meant. */
    public List<Integer> easierLevels() {
        List<Integer> easier = new ArrayList<>();
        for (int i = 1; i < levels.size(); i++) {
            if (levels.get(i).isEasierThan(levels.get(i - 1))) {
                easier.add(levels.get(i).number());
            }
        }
        return easier;
    }

    /** A further version, with another target at one level. */
    public Drill aimingAt(int level, TargetSet target, int ring) {
        return with(level(level).aimedAt(target, ring));
    }

    /** A further version, with another goal at one level. */
    public Drill asking(int level, Goal goal) {
        return with(level(level).asking(goal));
    }

    /** A further version, with the target of one level so many times as large. */
    public Drill sizing(int level, double factor) {
        return with(level(level).scaled(factor));
    }

    private Drill with(Level level) {
        List<Level> changed = new ArrayList<>(levels);
        changed.set(level.number() - 1, level);
        return of(changed).as(family, version + 1);
    }

    /** What the level's rule says after the last of these sets; from the top rung nobody moves up, from the first nobody down. */
    public Advice advise(int level, List<Attempt> attempts, Neighbours before) {
        Check.requireAtLeast("attempts", attempts.size(), 1);
        return within(level, level(level).advise(attempts, before));
    }

    /** The same of one set after the other. */
    public Adviser adviser(int level, Neighbours before) {
        return level(level).adviser(before).saying(advice -> within(level, advice));
    }

    private Advice within(int level, Advice advice) {
        if (isTop(level) && advice.call() == Advice.Call.MOVE_UP) {
            return new Advice(Advice.Call.STAY, "top.reached", advice.figures());
        }
        return level == 1 && advice.call() == Advice.Call.STEP_BACK
                ? new Advice(Advice.Call.STAY, "bottom.reached", advice.figures())
                : advice;
    }

    /**
     * For a drill that is being made; one that is stored stays as it is.
     *
     * @throws Refused when a level's rule lets nobody through, whatever is hit
     */
    public Drill requireReachable() {
        for (Level level : levels) {
            try {
                level.advance().requireReachable(level.targetRate());
            } catch (Refused refused) {
                throw refused.under("advance").under("levels." + (level.number() - 1));
            }
        }
        return this;
    }
}
