package bersaglio.core.drill;

import java.util.List;

/** What a level's rule would do, and why: a code with its figures, which the message file turns into a sentence. */
public record Advice(Call call, String code, List<Figure> figures) {

    /** What to do about the level. */
    public enum Call {
        MOVE_UP,
        STAY
    }

    public Advice {
        figures = List.copyOf(figures);
    }

    static Advice moveUp(String code, Figure... figures) {
        return new Advice(Call.MOVE_UP, code, List.of(figures));
    }

    static Advice stay(String code, Figure... figures) {
        return new Advice(Call.STAY, code, List.of(figures));
    }
}
