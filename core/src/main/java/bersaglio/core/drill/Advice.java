package bersaglio.core.drill;

import java.util.ArrayList;
import java.util.List;

/** What a level's rule would do, and why: a code with its figures, which the message file turns into a sentence. */
public record Advice(Call call, String code, List<Figure> figures) {

    /** What to do about the level. */
    public enum Call {
        MOVE_UP,
        STAY,
        STEP_BACK
    }

    public Advice {
        figures = List.copyOf(figures);
    }

    static Advice moveUp(String code, Figure... figures) {
        return new Advice(Call.MOVE_UP, code, List.of(figures));
    }

    /** @param to the level that the player goes down to; below the lowest one there is none */
    static Advice stepBack(int to, String code, Figure... figures) {
        List<Figure> all = new ArrayList<>(List.of(figures));
        all.add(new Figure("to", to));
        return new Advice(Call.STEP_BACK, code, all);
    }

    /** Somebody called it whose calls the level's rule does not take. */
    public static Advice notAccepted() {
        return stay("calls.notAccepted");
    }

    static Advice stay(String code, Figure... figures) {
        return new Advice(Call.STAY, code, List.of(figures));
    }
}
