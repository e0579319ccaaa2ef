package bersaglio.core.tactic;

import bersaglio.core.court.Sport;
import bersaglio.core.problem.Refused;
import bersaglio.core.tactic.ShotIs.Whose;
import bersaglio.core.words.Lexer;
import bersaglio.core.words.Misread;
import bersaglio.core.words.Phrases;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A tactical rule in words that are said aloud; {@code docs/grammar.md} has its grammar. */
public final class TacticWords {

    static final Phrases<Whose> WHOSE = Phrases.with("own", Whose.OWN).and("their", Whose.THEIR);
    private static final Phrases<Going> GOING = Phrases.with("down the line", Going.STRAIGHT)
            .and("down", Going.DOWN)
            .and("up", Going.UP)
            .and("short", Going.SHORT)
            .and("deep", Going.DEEP)
            .and("left", Going.LEFT)
            .and("right", Going.RIGHT)
            .and("to the middle", Going.CENTRE)
            .and("across", Going.CROSS);
    private static final Phrases<Taken> TAKEN = Phrases.with("in front of the service line", Taken.BEFORE_SERVICE_LINE)
            .and("in front", Taken.FRONT)
            .and("in the middle", Taken.MIDDLE)
            .and("at the back", Taken.BACK);
    static final List<String> NUMBERS = List.of("two", "three", "four", "five", "six");

    private TacticWords() {}

    /** @throws Misread with the place of what is wrong */
    public static Tactic read(String text, Sport sport) {
        Reader from = new Reader(Lexer.tokens(text));
        return from.at(() -> {
            Tactic tactic = tactic(from, sport);
            if (!from.isAtEnd()) {
                throw from.misread();
            }
            return tactic;
        });
    }

    /**
     * The same for who asks from outside.
     *
     * @throws Refused with what could stand where it cannot be read
     */
    public static Tactic given(String text, Sport sport) {
        try {
            return read(text, sport);
        } catch (Misread misread) {
            String found = misread.problem().value();
            throw new Refused("misread", "words", found, String.join(", ", misread.expected()));
        }
    }

    private static Tactic tactic(Reader from, Sport sport) {
        if (from.takes("after")) {
            return Tactic.After.read(from, sport);
        } else if (from.takes("never")) {
            return Tactic.Never.read(from, sport);
        }
        from.needs("every");
        return Tactic.Every.read(from, sport);
    }

    static int times(Reader from) {
        for (String word : NUMBERS) {
            if (from.takes(word)) {
                return NUMBERS.indexOf(word) + 2;
            }
        }
        return from.count();
    }

    static Whose whose(Reader from) {
        return from.isNext("own") || from.isNext("their") ? WHOSE.read(from) : Whose.ANY;
    }

    /** An article is for the reader. */
    static ShotIs shot(Reader from, Sport sport) {
        boolean article = from.takes("a") || from.takes("an");
        Whose by = article ? Whose.ANY : whose(from);
        Optional<Going> going = Optional.empty();
        for (String word : List.of("short", "deep")) {
            if (going.isEmpty() && from.isNext(word)) {
                going = Optional.of(GOING.read(from));
            }
        }
        List<String> strokes = from.takes("shots") || from.takes("shot") ? List.of() : strokes(from, sport);
        return new ShotIs(by, strokes, going, from.takes("to part") ? spots(from) : List.of());
    }

    private static List<String> strokes(Reader from, Sport sport) {
        List<String> strokes = new ArrayList<>(List.of(stroke(from, sport)));
        while (from.takes("or")) {
            strokes.add(stroke(from, sport));
        }
        return strokes;
    }

    /** One, or many of it. */
    private static String stroke(Reader from, Sport sport) {
        List<String> known = new ArrayList<>(sport.strokes());
        sport.strokes().forEach(stroke -> known.add(many(stroke)));
        String name = from.name(known);
        return sport.strokes().stream()
                .filter(stroke -> stroke.equals(name) || many(stroke).equals(name))
                .findFirst()
                .orElseThrow(from::misread);
    }

    private static String many(String stroke) {
        return stroke + (stroke.endsWith("sh") || stroke.endsWith("ch") ? "es" : "s");
    }

    private static List<Integer> spots(Reader from) {
        List<Integer> spots = new ArrayList<>(List.of(from.count()));
        while (from.takes("or")) {
            spots.add(from.count());
        }
        return spots;
    }

    static Demand demand(Reader from, Sport sport) {
        if (from.takes("is taken")) {
            return taken(false, from);
        } else if (from.takes("is not taken")) {
            return taken(true, from);
        } else if (from.takes("is not")) {
            return is(true, strokes(from, sport));
        } else if (from.takes("is")) {
            return is(false, strokes(from, sport));
        }
        boolean not = from.takes("does not go");
        if (!not) {
            from.needs("goes");
        }
        if (from.takes("to part")) {
            return new Demand(not, new ShotIs(Whose.ANY, List.of(), Optional.empty(), spots(from)), Optional.empty());
        }
        return new Demand(
                not, new ShotIs(Whose.ANY, List.of(), Optional.of(GOING.read(from)), List.of()), Optional.empty());
    }

    private static Demand taken(boolean not, Reader from) {
        return new Demand(
                not, new ShotIs(Whose.ANY, List.of(), Optional.empty(), List.of()), Optional.of(TAKEN.read(from)));
    }

    private static Demand is(boolean not, List<String> strokes) {
        return new Demand(not, new ShotIs(Whose.ANY, strokes, Optional.empty(), List.of()), Optional.empty());
    }

    /** In words that read back. */
    public static String write(Tactic tactic) {
        Sentence to = new Sentence();
        tactic.write(to);
        return to.toString();
    }

    static String words(ShotIs shot) {
        Sentence to = new Sentence();
        to.say(shot.by() == Whose.ANY ? "" : WHOSE.of(shot.by()));
        to.say(shot.going().map(GOING::of).orElse(""));
        to.say(shot.strokes().isEmpty() ? "shot" : strokes(shot.strokes()));
        to.say(shot.spots().isEmpty() ? "" : "to part " + numbers(shot.spots()));
        return to.toString();
    }

    /** Several of it, and one's own unless it is said otherwise. */
    static String manyWords(ShotIs shot) {
        Whose by = shot.by() == Whose.OWN ? Whose.ANY : shot.by();
        List<String> strokes = shot.strokes().stream().map(TacticWords::many).toList();
        String words = words(new ShotIs(by, strokes, shot.going(), shot.spots()));
        return strokes.isEmpty() ? words.replace("shot", "shots") : words;
    }

    private static String strokes(List<String> strokes) {
        return String.join(
                " or ",
                strokes.stream()
                        .map(stroke -> stroke.indexOf(' ') < 0 ? stroke : '"' + stroke + '"')
                        .toList());
    }

    private static String numbers(List<Integer> spots) {
        return String.join(
                " or ", spots.stream().map(spot -> Integer.toString(spot)).toList());
    }

    static void demand(Sentence to, Demand asked) {
        if (asked.taken().isPresent()) {
            to.say(asked.not() ? "is not taken" : "is taken")
                    .say(TAKEN.of(asked.taken().get()));
        } else if (!asked.is().strokes().isEmpty()) {
            to.say(asked.not() ? "is not" : "is").say(strokes(asked.is().strokes()));
        } else {
            to.say(asked.not() ? "does not go" : "goes");
            to.say(asked.is()
                    .going()
                    .map(GOING::of)
                    .orElse("to part " + numbers(asked.is().spots())));
        }
    }
}
