package bersaglio.core.charting;

import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Figure;
import bersaglio.core.drill.Verdict;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import java.util.List;
import java.util.Optional;

/** The verdict as it was given when a set closed: its code and figures, and the number of the rules that gave it. */
public record Said(Advice.Call call, String code, List<Figure> figures, int rules) {

    private static final int LONGEST_CODE = 60;
    private static final int MOST_FIGURES = 24;

    public Said {
        if (code.isBlank() || code.length() > LONGEST_CODE) {
            throw new Refused("bad_code", "code", code, "1 to " + LONGEST_CODE + " characters");
        }
        Check.requireBetween("figures", figures.size(), 0, MOST_FIGURES);
        Check.requireAtLeast("rules", rules, 1);
        figures = List.copyOf(figures);
    }

    /** What is kept of a verdict; without one, of a set that had no trial to judge. */
    public static Said of(Optional<Verdict> verdict) {
        return verdict.map(Verdict::advice)
                .map(advice -> new Said(advice.call(), advice.code(), advice.figures(), Rules.NUMBER))
                .orElse(new Said(Advice.Call.STAY, "set.empty", List.of(), Rules.NUMBER));
    }
}
