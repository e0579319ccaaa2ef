package bersaglio.core.words;

/**
 * A word, a number, a text in quotes, or the end.
 *
 * @param text as it counts: words in small letters, texts without their quotes
 */
public record Token(Kind kind, String text, Place place) {

    enum Kind {
        WORD,
        NUMBER,
        TEXT,
        END
    }

    public boolean is(String word) {
        return kind == Kind.WORD && text.equals(word);
    }
}
