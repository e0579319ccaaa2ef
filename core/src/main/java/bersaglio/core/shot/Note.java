package bersaglio.core.shot;

/** What is marked on a shot besides its outcome. */
public enum Note {
    /** It touched the net on its way. */
    NET_CLIP,
    /** The watch point was looked at, and it was there. */
    WATCH_KEPT,
    /** It was looked at, and it was not there. */
    WATCH_LOST,
    /** A moment worth seeing again. */
    MARKED,
    /** A miss while doing exactly what was asked. */
    AS_ASKED;

    /** What cannot stand beside it. */
    public boolean excludes(Note other) {
        return this == WATCH_KEPT && other == WATCH_LOST || this == WATCH_LOST && other == WATCH_KEPT;
    }
}
