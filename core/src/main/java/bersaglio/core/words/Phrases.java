package bersaglio.core.words;

import java.util.ArrayList;
import java.util.List;

/** Each value with the words that stand for it. */
public final class Phrases<T> {

    private final List<T> values = new ArrayList<>();
    private final List<String> words = new ArrayList<>();

    public static <T> Phrases<T> with(String words, T value) {
        return new Phrases<T>().and(words, value);
    }

    public Phrases<T> and(String phrase, T value) {
        words.add(phrase);
        values.add(value);
        return this;
    }

    public T read(Reader from) {
        for (int i = 0; i < values.size(); i++) {
            if (from.takes(words.get(i))) {
                return values.get(i);
            }
        }
        throw from.misread();
    }

    /** Whether one of them comes next. */
    public boolean isNext(Reader from) {
        for (String phrase : words) {
            if (from.isNext(phrase)) {
                return true;
            }
        }
        return false;
    }

    public String of(T value) {
        return words.get(values.indexOf(value));
    }
}
