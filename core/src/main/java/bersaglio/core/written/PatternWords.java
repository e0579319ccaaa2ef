package bersaglio.core.written;

import bersaglio.core.goal.Goal;
import bersaglio.core.goal.GoalWords;
import bersaglio.core.pattern.Actor;
import bersaglio.core.pattern.Pattern;
import bersaglio.core.pattern.Pattern.AfterBreak;
import bersaglio.core.pattern.Pattern.OpeningMiss;
import bersaglio.core.pattern.Pattern.Then;
import bersaglio.core.pattern.PatternStep;
import bersaglio.core.pattern.PatternStep.Incoming;
import bersaglio.core.pattern.Repeat;
import bersaglio.core.pattern.Theme;
import bersaglio.core.pattern.Way;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Zone;
import bersaglio.core.words.Phrases;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A pattern in words: its steps in order, each with who, how and where to. Places are the zones of its target, by name. */
final class PatternWords {

    private static final Phrases<Actor> ACTOR = Phrases.with("a", Actor.A)
            .and("b", Actor.B)
            .and("c", Actor.C)
            .and("d", Actor.D)
            .and("feeder", Actor.FEEDER);
    private static final Phrases<Then> THEN =
            Phrases.with("stop", Then.STOP).and("again", Then.AGAIN).and("play", Then.PLAY);
    private static final Phrases<Incoming> INCOMING = Phrases.with("short", Incoming.SHORT)
            .and("deep", Incoming.DEEP)
            .and("high", Incoming.HIGH)
            .and("low", Incoming.LOW)
            .and("wide", Incoming.WIDE);
    private static final Phrases<AfterBreak> AFTER_BREAK = Phrases.with("it starts again", AfterBreak.START_AGAIN)
            .and("it goes on", AfterBreak.GO_ON)
            .and("it goes back a step", AfterBreak.STEP_BACK);
    private static final Phrases<OpeningMiss> OPENING_MISS = Phrases.with("loses the point", OpeningMiss.POINT_LOST)
            .and("is played again", OpeningMiss.REPLAYED)
            .and("has a second try", OpeningMiss.SECOND_TRY);
    /** What a stroke of one word cannot be called without quotes. */
    private static final List<String> TAKEN = List.of("to", "from", "anywhere", "or", "when", "then", "zone");

    private PatternWords() {}

    static Pattern read(Reader from, TargetSet target) {
        return from.at(() -> pattern(from, target));
    }

    private static Pattern pattern(Reader from, TargetSet target) {
        List<PatternStep> steps = new ArrayList<>();
        List<Repeat> repeats = new ArrayList<>();
        while (!from.takes("then")) {
            if (from.takes("repeat")) {
                boolean orFewer = from.takes("up to");
                int times = from.counted("time", "times");
                int first = steps.size();
                while (!from.takes("end")) {
                    steps.add(step(from, target));
                }
                repeats.add(new Repeat(first, steps.size() - 1, times, orFewer));
            } else {
                steps.add(step(from, target));
            }
        }
        Then then = THEN.read(from);
        AfterBreak afterBreak = from.takes("after a break") ? AFTER_BREAK.read(from) : AfterBreak.START_AGAIN;
        OpeningMiss miss = from.takes("an opening miss") ? OPENING_MISS.read(from) : OpeningMiss.POINT_LOST;
        List<Theme> themes = new ArrayList<>();
        while (from.takes("for")) {
            Actor actor = ACTOR.read(from);
            themes.add(from.at(() -> {
                Optional<Goal> goal = from.takes("goal") ? Optional.of(GoalWords.read(from)) : Optional.empty();
                String watch = from.takes("watch") ? from.text() : "";
                return new Theme(actor, watch, from.takes("theme") ? from.text() : "", goal);
            }));
        }
        return new Pattern(steps, repeats, then, afterBreak, miss, themes);
    }

    private static PatternStep step(Reader from, TargetSet target) {
        return from.at(() -> {
            Actor actor = ACTOR.read(from);
            String stroke = stroke(from);
            int played = from.takes("from") ? zone(from, target) : 0;
            List<Way> ways = new ArrayList<>(List.of(new Way(stroke, place(from, target))));
            while (from.takes("or")) {
                ways.add(new Way(stroke(from), place(from, target)));
            }
            return new PatternStep(actor, played, ways, from.takes("when it is") ? INCOMING.read(from) : Incoming.ANY);
        });
    }

    private static String stroke(Reader from) {
        for (String word : TAKEN) {
            if (from.isNext(word)) {
                return "";
            }
        }
        return from.anyName();
    }

    private static int place(Reader from, TargetSet target) {
        if (from.takes("anywhere")) {
            return 0;
        }
        from.needs("to");
        return zone(from, target);
    }

    private static int zone(Reader from, TargetSet target) {
        if (from.takes("zone")) {
            return from.count();
        }
        List<String> names = target.zones().stream().map(Zone::name).toList();
        String name = from.name(names);
        return numberOf(name, target).orElseThrow(from::misread);
    }

    private static Optional<Integer> numberOf(String name, TargetSet target) {
        List<Integer> named = target.zones().stream()
                .filter(zone -> zone.name().equals(name))
                .map(Zone::number)
                .toList();
        return named.size() == 1 ? Optional.of(named.get(0)) : Optional.empty();
    }

    /** @param depth at which the steps are set in; below 0 for all of it on one line, to be read aloud */
    static void write(Sentence to, Pattern pattern, TargetSet target, int depth) {
        List<PatternStep> steps = pattern.steps();
        for (int i = 0; i < steps.size(); i++) {
            int place = i;
            Optional<Repeat> repeat = pattern.repeats().stream()
                    .filter(one -> one.first() <= place && place <= one.last())
                    .findFirst();
            boolean begins = repeat.isPresent() && repeat.get().first() == i;
            if (begins) {
                line(to, depth, i > 0).say("repeat").say(repeat.get().orFewer() ? "up to" : "");
                to.number(repeat.get().times()).say("times");
                to.colon();
            }
            line(to, depth < 0 || repeat.isEmpty() ? depth : depth + 1, i > 0 && !begins);
            write(to, steps.get(i), target);
            if (repeat.isPresent() && repeat.get().last() == i) {
                line(to, depth, true).say("end");
            }
        }
        line(to, depth, true).say("then").say(THEN.of(pattern.then()));
        if (pattern.afterBreak() != AfterBreak.START_AGAIN) {
            line(to, depth, true).say("after a break").say(AFTER_BREAK.of(pattern.afterBreak()));
        }
        if (pattern.openingMiss() != OpeningMiss.POINT_LOST) {
            line(to, depth, true).say("an opening miss").say(OPENING_MISS.of(pattern.openingMiss()));
        }
        for (Theme theme : pattern.themes()) {
            line(to, depth, true).say("for").say(name(theme.by()));
            theme.goal().ifPresent(goal -> goal.write(to.say("goal")));
            if (!theme.watch().isEmpty()) {
                to.say("watch").quoted(theme.watch());
            }
            if (!theme.theme().isEmpty()) {
                to.say("theme").quoted(theme.theme());
            }
        }
    }

    private static String name(Actor actor) {
        return actor == Actor.FEEDER ? ACTOR.of(actor) : actor.name();
    }

    private static Sentence line(Sentence to, int depth, boolean further) {
        if (depth >= 0) {
            return to.line(depth);
        }
        return further ? to.semicolon() : to;
    }

    private static void write(Sentence to, PatternStep step, TargetSet target) {
        to.say(name(step.by()));
        for (int i = 0; i < step.ways().size(); i++) {
            Way way = step.ways().get(i);
            to.say(i == 0 ? "" : "or");
            if (!way.stroke().isEmpty()) {
                if (TAKEN.contains(way.stroke())) {
                    to.quoted(way.stroke());
                } else {
                    to.name(way.stroke());
                }
            }
            if (i == 0 && step.from() > 0) {
                zone(to.say("from"), step.from(), target);
            }
            if (way.zone() == 0) {
                to.say("anywhere");
            } else {
                zone(to.say("to"), way.zone(), target);
            }
        }
        if (step.when() != Incoming.ANY) {
            to.say("when it is").say(INCOMING.of(step.when()));
        }
    }

    private static void zone(Sentence to, int number, TargetSet target) {
        String name = target.nameOf(number);
        if (numberOf(name, target).isEmpty() || name.equals("zone")) {
            to.say("zone").number(number);
        } else {
            to.name(name);
        }
    }
}
