package bersaglio.core.charting;

import java.util.List;
import java.util.Optional;

/**
 * What a run of any kind says of itself.
 *
 * @param claims   events that older pens still sent
 * @param nextUndo the entry that undo takes back
 */
public record RunOutline(
        Clock.Paused paused,
        List<CountSaid> countsSaid,
        boolean struck,
        int pen,
        int claims,
        Optional<String> nextUndo,
        Optional<String> nextRedo) {

    public RunOutline {
        countsSaid = List.copyOf(countsSaid);
    }
}
