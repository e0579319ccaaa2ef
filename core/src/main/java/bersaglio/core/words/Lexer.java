package bersaglio.core.words;

import bersaglio.core.measure.Letters;
import bersaglio.core.problem.Problem;
import java.util.ArrayList;
import java.util.List;

/**
 * Parts a text into words, numbers and texts in quotes. Commas, colons, semicolons, full stops after a word and
 * brackets are for whoever reads it aloud and mean nothing; what follows # to the end of its line is a remark.
 */
public final class Lexer {

    /** Longer texts are no drills. */
    public static final int LONGEST = 20_000;

    private static final String QUIET = ",;:()";

    private final String text;
    private final List<Token> tokens = new ArrayList<>();
    private int at;
    private int line = 1;
    private int lineStart;

    private Lexer(String text) {
        this.text = text;
    }

    /** @throws Misread where a text in quotes is not closed, or something is none of these */
    public static List<Token> tokens(String text) {
        return new Lexer(text).run();
    }

    /** Whether a name can stand without quotes. */
    public static boolean isWord(String name) {
        for (int i = 0; i < name.length(); i++) {
            char c = name.charAt(i);
            if (c >= 'A' && c <= 'Z' || !(i == 0 ? Letters.isLetter(c) : isInside(c))) {
                return false;
            }
        }
        return !name.isEmpty();
    }

    private List<Token> run() {
        if (text.length() > LONGEST) {
            throw new Misread(
                    new Problem("text_too_long", "text", text.length() + " characters", "at most " + LONGEST),
                    new Place(1, 1, 0, 0),
                    List.of());
        }
        while (at < text.length()) {
            char c = text.charAt(at);
            if (c == '\n') {
                at++;
                line++;
                lineStart = at;
            } else if (c == ' ' || c == '\t' || c == '\r' || c == '\u00a0' || QUIET.indexOf(c) >= 0) {
                at++;
            } else if (c == '#') {
                skipRemark();
            } else if (c == '"') {
                tokens.add(quoted());
            } else if (isDigit(c) || c == '-' && at + 1 < text.length() && isDigit(text.charAt(at + 1))) {
                tokens.add(number());
            } else if (c == '%' || Letters.isLetter(c)) {
                tokens.add(word(c));
            } else {
                throw new Misread(
                        new Problem("unknown_sign", "text", String.valueOf(c), "words, numbers, texts in quotes"),
                        place(at, 1),
                        List.of());
            }
        }
        tokens.add(new Token(Token.Kind.END, "", place(at, 0)));
        return tokens;
    }

    private void skipRemark() {
        while (at < text.length() && text.charAt(at) != '\n') {
            at++;
        }
    }

    private Token quoted() {
        int from = at++;
        StringBuilder inner = new StringBuilder();
        while (at < text.length() && text.charAt(at) != '"' && text.charAt(at) != '\n') {
            if (text.charAt(at) == '\\' && at + 1 < text.length()) {
                at++;
            }
            inner.append(text.charAt(at++));
        }
        if (at >= text.length() || text.charAt(at) == '\n') {
            throw new Misread(
                    new Problem("not_closed", "text", inner.toString(), "a second \" on the same line"),
                    place(from, at - from),
                    List.of("\""));
        }
        at++;
        return new Token(Token.Kind.TEXT, inner.toString(), place(from, at - from));
    }

    private Token number() {
        int from = at++;
        skipDigits();
        if (isFollowedByDigit('.')) {
            at++;
            skipDigits();
        }
        if (isFollowedByDigit('E') || at + 1 < text.length() && text.startsWith("E-", at)) {
            at += 2;
            skipDigits();
        }
        return new Token(Token.Kind.NUMBER, text.substring(from, at), place(from, at - from));
    }

    private boolean isFollowedByDigit(char sign) {
        return at + 1 < text.length() && text.charAt(at) == sign && isDigit(text.charAt(at + 1));
    }

    private void skipDigits() {
        while (at < text.length() && isDigit(text.charAt(at))) {
            at++;
        }
    }

    private Token word(char first) {
        int from = at++;
        StringBuilder small = new StringBuilder().append(Letters.small(first));
        while (first != '%' && at < text.length() && isInside(text.charAt(at))) {
            small.append(Letters.small(text.charAt(at++)));
        }
        if (at < text.length() && text.charAt(at) == '.') {
            at++;
            return new Token(Token.Kind.WORD, small.toString(), place(from, at - 1 - from));
        }
        return new Token(Token.Kind.WORD, small.toString(), place(from, at - from));
    }

    private Place place(int from, int length) {
        return new Place(line, from - lineStart + 1, from, length);
    }

    public static boolean isInside(char c) {
        return Letters.isLetter(c) || isDigit(c) || c == '-' || c == '\'' || c == '_';
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }
}
