package bersaglio.core.written;

/**
 * A word, a number, a text in quotes, or the end.
 *
 * @param text as it counts: words in small letters, texts without their quotes
 */
record Token(Kind kind, String text, Place place) {

    enum Kind {
        WORD,
        NUMBER,
        TEXT,
        END
    }

    boolean is(String word) {
        return kind == Kind.WORD && text.equals(word);
    }
}
