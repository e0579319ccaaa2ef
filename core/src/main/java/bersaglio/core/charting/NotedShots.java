package bersaglio.core.charting;

import bersaglio.core.goal.Tally;
import bersaglio.core.shot.Note;
import java.util.Collection;
import java.util.List;

/** Shots that count and on which the same is marked, and how many of them hit. */
public record NotedShots(List<Note> notes, Tally shots) {

    public NotedShots {
        notes = List.copyOf(notes);
    }

    /** Those that touched the net on their way. */
    public static Tally netClips(Collection<NotedShots> noted) {
        Tally clips = Tally.NONE;
        for (NotedShots alike : noted) {
            if (alike.notes().contains(Note.NET_CLIP)) {
                clips = clips.plus(alike.shots());
            }
        }
        return clips;
    }
}
