package bersaglio.core.written;

import bersaglio.core.court.Court;
import bersaglio.core.drill.Dials;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MoveWords;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Ramp;
import bersaglio.core.drill.StayPut;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.GoalWords;
import bersaglio.core.pattern.Pattern;
import bersaglio.core.shot.Caller;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.TargetWords;
import bersaglio.core.words.Phrases;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;

/** Levels in words. A level says only what is not as at the one before it; some grow from it by a rule. */
final class LevelWords {

    static final Phrases<Freedom> FREEDOM = Phrases.with("fed", Freedom.FED)
            .and("fixed pattern", Freedom.FIXED)
            .and("random choice", Freedom.RANDOM)
            .and("half open", Freedom.SEMI_OPEN)
            .and("game", Freedom.GAME)
            .and("match", Freedom.MATCH);
    private static final Phrases<Caller> CALLER = Phrases.with("coach", Caller.COACH)
            .and("assistant", Caller.ASSISTANT)
            .and("waiting player", Caller.WAITING_PLAYER)
            .and("hitter", Caller.HITTER);
    private static final int TRIES = 3;

    private LevelWords() {}

    static Level first(Reader from, Court court) {
        return from.at(() -> {
            from.needs("target");
            TargetSet target = TargetWords.read(from, court);
            int ring = from.takes("ring") ? from.count() : 0;
            from.needs("goal");
            Goal goal = GoalWords.read(from);
            return clauses(
                    from, court, new Level(1, target, ring, goal, TRIES, OptionalDouble.empty(), new OneMetQuota()));
        });
    }

    static Level after(Reader from, Court court, Level before) {
        return from.at(() -> clauses(from, court, before.numbered(before.number() + 1)));
    }

    private static Level clauses(Reader from, Court court, Level start) {
        Level level = start;
        while (true) {
            Level next = clause(from, court, level);
            if (next == level) {
                return level;
            }
            level = next;
        }
    }

    /** @return the same level when the next words are no clause of a level */
    private static Level clause(Reader from, Court court, Level level) {
        if (from.takes("target")) {
            return level.aimedAt(TargetWords.read(from, court), from.takes("ring") ? from.count() : 0);
        } else if (from.takes("ring")) {
            return level.aimedAt(level.target(), from.count());
        } else if (from.takes("goal")) {
            return level.asking(GoalWords.read(from));
        } else if (from.takes("asks for")) {
            return level.wanting(from.share());
        } else if (from.takes("tries")) {
            return level.allowing(from.count());
        } else if (from.takes("up")) {
            return level.with(MoveWords.readUp(from));
        } else if (from.takes("down")) {
            return level.with(MoveWords.readDown(from));
        } else if (from.takes("calls by")) {
            return level.accepting(callers(from));
        }
        return dial(from, level);
    }

    private static Level dial(Reader from, Level level) {
        Dials dials = level.dials();
        if (from.takes("dials as the drill")) {
            return level.with(Dials.AS_THE_DRILL);
        } else if (from.takes("distance")) {
            return level.with(dials.at(from.metres()));
        } else if (from.takes("a ball every")) {
            double seconds = from.number();
            from.needs("s");
            return level.with(dials.every(seconds));
        } else if (from.takes("fed by")) {
            return level.with(dials.feeding(from.text()));
        } else if (from.takes("freedom")) {
            return level.with(dials.as(FREEDOM.read(from)));
        } else if (from.takes("contacts at most")) {
            return level.with(dials.within(from.count()));
        } else if (from.takes("weaker hand")) {
            return level.with(dials.with(Dials.Hitting.WEAKER_HAND));
        } else if (from.takes("pattern")) {
            return level.with(dials.playing(PatternWords.read(from, level.target())));
        } else if (from.takes("open after")) {
            int fixed = from.counted("step", "steps");
            Pattern pattern = dials.pattern().orElseThrow(from::misread);
            return level.with(dials.playing(pattern.openAfter(fixed)).as(Freedom.SEMI_OPEN));
        }
        return level;
    }

    private static Set<Caller> callers(Reader from) {
        Set<Caller> callers = new HashSet<>();
        do {
            callers.add(CALLER.read(from));
        } while (CALLER.isNext(from));
        return callers;
    }

    /** {@code then 5 levels, each target 10 % smaller until 0.6 m}: the levels that grow from the last one. */
    static List<Level> grown(Reader from, Level last) {
        return from.at(() -> {
            int more = from.counted("level", "levels");
            from.needs("each");
            List<Level> levels = Ramp.levels(last, ramp(from), Math.min(50, more) + 1);
            return levels.subList(1, levels.size()).stream()
                    .map(level -> level.numbered(last.number() + level.number() - 1))
                    .toList();
        });
    }

    private static Ramp ramp(Reader from) {
        if (from.takes("target")) {
            double share = from.share();
            from.needs("smaller until");
            return new Ramp.Shrink(share, from.metres());
        } else if (from.takes("rally")) {
            double factor = from.number();
            from.needs("times longer");
            return new Ramp.Times(factor);
        }
        double by = from.number();
        if (from.takes("%")) {
            from.needs("faster");
            return new Ramp.Faster(by / 100);
        } else if (from.takes("m farther")) {
            return new Ramp.Farther(by);
        }
        from.needs("more");
        return new Ramp.More((int) by);
    }

    /** Everything of a first level; of a later one what differs from the one before. */
    static void write(Sentence to, Level level, Optional<Level> before) {
        to.line(0).blank().say("level");
        boolean target = before.isEmpty() || !before.get().target().equals(level.target());
        if (target) {
            TargetWords.write(to.line(1).say("target"), level.target());
        }
        if (target ? level.ring() > 0 : before.get().ring() != level.ring()) {
            to.line(target ? 2 : 1).say("ring").number(level.ring());
        }
        boolean goal = differs(level, before, one -> List.of(one.goal(), one.coachTarget()));
        if (goal) {
            level.goal().write(to.line(1).say("goal"));
        }
        if (goal && level.coachTarget().isPresent()) {
            to.line(1).say("asks for").share(level.coachTarget().getAsDouble());
        }
        if (before.isEmpty() ? level.tries() != TRIES : differs(level, before, Level::tries)) {
            to.line(1).say("tries").number(level.tries());
        }
        if (differs(level, before, Level::advance)) {
            level.advance().write(to.line(1).say("up"));
        }
        if (before.isEmpty() ? !(level.retreat() instanceof StayPut) : differs(level, before, Level::retreat)) {
            level.retreat().write(to.line(1).say("down"));
        }
        if (!level.accepts().equals(before.map(Level::accepts).orElse(Level.NOT_THE_HITTER))) {
            to.line(1).say("calls by");
            for (Caller caller : Caller.values()) {
                if (level.accepts().contains(caller)) {
                    to.say(CALLER.of(caller));
                }
            }
        }
        write(to, level.dials(), before.map(Level::dials).orElse(Dials.AS_THE_DRILL), level.target());
    }

    private static boolean differs(Level level, Optional<Level> before, Function<Level, Object> of) {
        return before.isEmpty() || !of.apply(before.get()).equals(of.apply(level));
    }

    private static void write(Sentence to, Dials dials, Dials before, TargetSet target) {
        if (dials.equals(before)) {
            return;
        }
        if (!before.equals(Dials.AS_THE_DRILL)) {
            to.line(1).say("dials as the drill");
        }
        if (dials.distance().isPresent()) {
            to.line(1).say("distance").metres(dials.distance().getAsDouble());
        }
        if (dials.secondsABall().isPresent()) {
            to.line(1)
                    .say("a ball every")
                    .number(dials.secondsABall().getAsDouble())
                    .say("s");
        }
        if (!dials.feed().isEmpty()) {
            to.line(1).say("fed by").quoted(dials.feed());
        }
        if (dials.freedom().isPresent()) {
            to.line(1).say("freedom").say(FREEDOM.of(dials.freedom().get()));
        }
        if (dials.contacts() > 0) {
            to.line(1).say("contacts at most").number(dials.contacts());
        }
        if (dials.hitting() == Dials.Hitting.WEAKER_HAND) {
            to.line(1).say("weaker hand");
        }
        dials.pattern().ifPresent(pattern -> PatternWords.write(to.line(1).say("pattern"), pattern, target, 2));
    }
}
