package bersaglio.core.written;

import bersaglio.core.court.Court;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.pattern.Pattern;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Zone;
import bersaglio.core.words.Lexer;
import bersaglio.core.words.Misread;
import bersaglio.core.words.Names;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import bersaglio.core.words.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A drill in words that can be read aloud; {@code docs/grammar.md} has its grammar. */
public final class DrillText {

    private DrillText() {}

    /**
     * @param courts that it may be on
     * @return the drill as a first version, its family made of its name
     * @throws Misread with the place of what is wrong
     */
    public static Drill read(String text, List<Court> courts) {
        Reader from = new Reader(Lexer.tokens(text));
        return from.at(() -> drill(from, courts));
    }

    /**
     * A drill with levels that grow from its last one.
     *
     * @param rule such as {@code 5 levels, each target 10 % smaller until 0.6 m}
     * @throws Misread with the place of what is wrong in the rule
     */
    public static Drill grown(Drill drill, String rule) {
        Reader from = new Reader(Lexer.tokens(rule));
        return from.at(() -> {
            List<Level> levels = new ArrayList<>(drill.levels());
            levels.addAll(LevelWords.grown(from, levels.get(levels.size() - 1)));
            if (!from.isAtEnd()) {
                throw from.misread();
            }
            return drill.of(levels);
        });
    }

    /** What could come next, were this the text up to the cursor; a word that is not finished is left out of it. */
    public static List<String> next(String text, List<Court> courts) {
        int whole = text.length();
        while (whole > 0 && Lexer.isInside(text.charAt(whole - 1))) {
            whole--;
        }
        String begun = text.substring(whole);
        List<String> next = expectedAfter(text.substring(0, whole), courts);
        return begun.isEmpty()
                ? next
                : next.stream()
                        .filter(one -> one.startsWith(begun) && !Reader.DESCRIBED.contains(one))
                        .toList();
    }

    private static List<String> expectedAfter(String text, List<Court> courts) {
        List<Token> tokens;
        try {
            tokens = Lexer.tokens(text);
        } catch (Misread unclosed) {
            return List.of();
        }
        Reader from = new Reader(tokens);
        try {
            drill(from, courts);
        } catch (IllegalArgumentException unfinished) {
            // What was looked for at the end of the text is what counts here.
        }
        return from.expectedAtEnd();
    }

    /**
     * A pattern over the zones of a target.
     *
     * @throws Misread with the place of what is wrong
     */
    public static Pattern pattern(String text, TargetSet target) {
        Reader from = new Reader(Lexer.tokens(text));
        return from.at(() -> {
            Pattern pattern = PatternWords.read(from, target);
            pattern.requireZones(target.zones().stream().map(Zone::number).toList());
            if (!from.isAtEnd()) {
                throw from.misread();
            }
            return pattern;
        });
    }

    /** A step a line. */
    public static String write(Pattern pattern, TargetSet target) {
        Sentence to = new Sentence();
        PatternWords.write(to, pattern, target, 0);
        return to.toString();
    }

    /** On one line, to be read aloud; it can be read as a pattern too. */
    public static String spoken(Pattern pattern, TargetSet target) {
        Sentence to = new Sentence();
        PatternWords.write(to, pattern, target, -1);
        return to.toString();
    }

    private static Drill drill(Reader from, List<Court> courts) {
        from.needs("drill");
        String name = from.text();
        from.needs("on");
        Court court = from.at(() -> court(from, courts));
        Freedom freedom = Freedom.FED;
        String feed = "";
        DesignWords design = new DesignWords();
        boolean more = true;
        while (more) {
            if (from.takes("freedom")) {
                freedom = LevelWords.FREEDOM.read(from);
            } else if (from.takes("feed")) {
                feed = from.text();
            } else {
                more = design.takes(from);
            }
        }
        return new Drill(
                Names.id(name) + "-1", Names.id(name), 1, name, feed, freedom, design.design(), levels(from, court));
    }

    private static Court court(Reader from, List<Court> courts) {
        String id = from.name(courts.stream().map(Court::id).toList());
        return courts.stream().filter(one -> one.id().equals(id)).findFirst().orElseThrow(from::misread);
    }

    private static List<Level> levels(Reader from, Court court) {
        from.needs("level");
        List<Level> levels = new ArrayList<>(List.of(LevelWords.first(from, court)));
        while (!from.isAtEnd()) {
            Level last = levels.get(levels.size() - 1);
            if (from.takes("then")) {
                levels.addAll(LevelWords.grown(from, last));
            } else {
                from.needs("level");
                levels.add(LevelWords.after(from, court, last));
            }
        }
        return levels;
    }

    public static String write(Drill drill) {
        Sentence to = new Sentence().line(0).say("drill").quoted(drill.name());
        to.line(0).say("on").name(drill.court().id());
        to.line(0).say("freedom").say(LevelWords.FREEDOM.of(drill.freedom()));
        if (!drill.feed().isEmpty()) {
            to.line(0).say("feed").quoted(drill.feed());
        }
        DesignWords.write(to, drill.design());
        Optional<Level> before = Optional.empty();
        for (Level level : drill.levels()) {
            LevelWords.write(to, level, before);
            before = Optional.of(level);
        }
        return to.line(0).toString();
    }
}
