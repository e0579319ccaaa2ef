package bersaglio.core.charting;

import bersaglio.core.goal.Tally;
import bersaglio.core.shot.Note;
import java.util.Collection;
import java.util.List;

/** A shot that counts and on which something is marked. */
public record NotedShot(List<Note> notes, boolean hit) {

    public NotedShot {
        notes = List.copyOf(notes);
    }

    /** Those that touched the net on their way. */
    public static Tally netClips(Collection<NotedShot> shots) {
        Tally clips = Tally.NONE;
        for (NotedShot shot : shots) {
            if (shot.notes().contains(Note.NET_CLIP)) {
                clips = clips.plus(shot.hit());
            }
        }
        return clips;
    }
}
