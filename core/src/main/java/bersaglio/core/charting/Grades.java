package bersaglio.core.charting;

import bersaglio.core.goal.Tally;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Note.Sort;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How a coach graded shots, choice and execution apart; what nobody graded says nothing.
 *
 * @param choice    right ones among those whose choice was graded
 * @param execution well struck ones among those whose execution was graded
 * @param causes    of own errors as they were given, the most frequent first
 * @param soft      played soft on purpose
 */
public record Grades(Tally choice, Tally execution, List<Cause> causes, int soft) {

    /** So many errors that came from one cause. */
    public record Cause(Note note, int errors) {}

    public Grades {
        causes = List.copyOf(causes);
    }

    public static Grades of(Collection<NotedShots> noted) {
        Map<Note, Integer> count = new EnumMap<>(Note.class);
        for (NotedShots alike : noted) {
            alike.notes().forEach(note -> count.merge(note, alike.shots().trials(), Integer::sum));
        }
        List<Cause> causes = count.entrySet().stream()
                .filter(one -> one.getKey().sort() == Sort.CAUSE)
                .map(one -> new Cause(one.getKey(), one.getValue()))
                .sorted((one, other) -> Integer.compare(other.errors(), one.errors()))
                .toList();
        return new Grades(
                tally(count, Note.CHOICE_RIGHT, Note.CHOICE_WRONG),
                tally(count, Note.STRUCK_WELL, Note.STRUCK_BADLY),
                causes,
                count.getOrDefault(Note.SOFT, 0));
    }

    private static Tally tally(Map<Note, Integer> count, Note good, Note bad) {
        int held = count.getOrDefault(good, 0);
        return new Tally(held, held + count.getOrDefault(bad, 0));
    }

    public boolean isEmpty() {
        return choice.trials() == 0 && execution.trials() == 0 && causes.isEmpty() && soft == 0;
    }
}
