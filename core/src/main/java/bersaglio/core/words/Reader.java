package bersaglio.core.words;

import bersaglio.core.measure.Unit;
import bersaglio.core.problem.Problem;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;

/**
 * Reads tokens from left to right. Whatever was looked for at the farthest place so far is remembered: it is what the
 * text could go on with, for messages and for completion alike.
 */
public final class Reader {

    public static final String A_NUMBER = "a number";
    public static final String A_TEXT = "words in quotes";
    public static final List<String> DESCRIBED = List.of(A_NUMBER, A_TEXT);

    private final List<Token> tokens;
    private final Set<String> expected = new LinkedHashSet<>();
    private int at;
    private int farthest;

    public Reader(List<Token> tokens) {
        this.tokens = tokens;
    }

    /** Whether the next words are these; if so, they are taken. */
    public boolean takes(String phrase) {
        if (!isNext(phrase)) {
            return false;
        }
        at += split(phrase).length;
        return true;
    }

    /** Whether the next words are these, which leaves them to be read. */
    public boolean isNext(String phrase) {
        String[] words = split(phrase);
        for (int i = 0; i < words.length; i++) {
            if (!token(at + i).is(words[i])) {
                look(at + i, rest(words, i));
                return false;
            }
        }
        return true;
    }

    public boolean numberIsNext() {
        look(at, A_NUMBER);
        return token(at).kind() == Token.Kind.NUMBER;
    }

    public boolean textIsNext() {
        look(at, A_TEXT);
        return token(at).kind() == Token.Kind.TEXT;
    }

    public void needs(String phrase) {
        if (!takes(phrase)) {
            throw misread();
        }
    }

    public double number() {
        if (!numberIsNext()) {
            throw misread();
        }
        return Double.parseDouble(token(at++).text());
    }

    public int count() {
        Token token = token(at);
        double number = number();
        if (number != Math.rint(number) || Math.abs(number) > 1_000_000) {
            at--;
            throw misread(new Problem("wrong_type", "text", token.text(), "a whole number"), token.place());
        }
        return (int) number;
    }

    /** A part of one, as a percentage or as it is. */
    public double share() {
        double number = number();
        return takes("%") ? number / 100 : number;
    }

    public String text() {
        if (!textIsNext()) {
            throw misread();
        }
        return token(at++).text();
    }

    /** One of these, or whatever else stands in quotes. */
    public String name(List<String> known) {
        for (String one : known) {
            if (Lexer.isWord(one) && takes(one)) {
                return one;
            }
        }
        return text();
    }

    /** Any word, or whatever stands in quotes. */
    public String anyName() {
        return token(at).kind() == Token.Kind.WORD ? token(at++).text() : text();
    }

    public int counted(String one, String many) {
        int count = count();
        if (!takes(many)) {
            needs(one);
        }
        return count;
    }

    /** Metres, by any common unit; without one they are metres. */
    public double metres() {
        double number = number();
        for (Unit unit : Unit.values()) {
            if (takes(unit.symbol())) {
                return number * unit.metres();
            }
        }
        return number;
    }

    /** One of these values by its words; of two that begin alike the longer comes first. */
    public <T extends Said> T one(T[] of) {
        for (T value : of) {
            if (!value.words().isEmpty() && takes(value.words())) {
                return value;
            }
        }
        throw misread();
    }

    /** One of these values, or what goes without saying. */
    public <T extends Said> T one(T[] of, T usual) {
        for (T value : of) {
            if (!value.words().isEmpty() && isNext(value.words())) {
                return one(of);
            }
        }
        return usual;
    }

    public boolean isAtEnd() {
        return token(at).kind() == Token.Kind.END;
    }

    /** Makes a value of what this reads; what the rules refuse of it is said of these words. */
    public <T> T at(Supplier<T> work) {
        int from = at;
        try {
            return work.get();
        } catch (Refused refused) {
            throw misread(refused.problem(), wordsFrom(from));
        }
    }

    private Place wordsFrom(int from) {
        Place first = token(from).place();
        return at > from ? first.to(token(at - 1).place()) : first;
    }

    /** The next word is none of those looked for. */
    public Misread misread() {
        Token token = token(farthest);
        String code = token.kind() == Token.Kind.END ? "text_ends" : "unknown_word";
        return misread(new Problem(code, "text", token.text(), String.join(", ", expected)), token.place());
    }

    private Misread misread(Problem problem, Place place) {
        return new Misread(problem, place, new ArrayList<>(expected));
    }

    /** What could stand at the end of the text. */
    public List<String> expectedAtEnd() {
        return farthest == tokens.size() - 1 ? new ArrayList<>(expected) : List.of();
    }

    private void look(int place, String phrase) {
        int within = Math.min(place, tokens.size() - 1);
        if (within > farthest) {
            farthest = within;
            expected.clear();
        }
        if (within == farthest) {
            expected.add(phrase);
        }
    }

    private Token token(int place) {
        return tokens.get(Math.min(place, tokens.size() - 1));
    }

    private static String[] split(String phrase) {
        List<String> words = new ArrayList<>();
        int from = 0;
        for (int i = 0; i <= phrase.length(); i++) {
            if (i == phrase.length() || phrase.charAt(i) == ' ') {
                words.add(phrase.substring(from, i));
                from = i + 1;
            }
        }
        return words.toArray(new String[0]);
    }

    private static String rest(String[] words, int from) {
        StringBuilder rest = new StringBuilder(words[from]);
        for (int i = from + 1; i < words.length; i++) {
            rest.append(' ').append(words[i]);
        }
        return rest.toString();
    }
}
