package bersaglio.core.shot;

/** What is marked on a shot besides its outcome; of one sort only one stands at a time. */
public enum Note {
    /** It touched the net on its way. */
    NET_CLIP(Sort.NONE),
    /** The watch point was looked at, and it was there. */
    WATCH_KEPT(Sort.WATCH),
    /** It was looked at, and it was not there. */
    WATCH_LOST(Sort.WATCH),
    /** A moment worth seeing again. */
    MARKED(Sort.NONE),
    /** A miss while doing exactly what was asked. */
    AS_ASKED(Sort.NONE),
    /** Played soft on purpose: no error. */
    SOFT(Sort.NONE),
    /** The right shot to try, however it was struck. */
    CHOICE_RIGHT(Sort.CHOICE),
    CHOICE_WRONG(Sort.CHOICE),
    /** Struck as it was meant, whether it was the right choice or not. */
    STRUCK_WELL(Sort.EXECUTION),
    STRUCK_BADLY(Sort.EXECUTION),
    /** Where an own error came from, as the coach saw it. */
    CAUSE_ATTENTION(Sort.CAUSE),
    CAUSE_CHOICE(Sort.CAUSE),
    /** The player did not know what was asked. */
    CAUSE_NOT_KNOWN(Sort.CAUSE),
    CAUSE_TECHNIQUE(Sort.CAUSE),
    CAUSE_MOVEMENT(Sort.CAUSE);

    /** What a mark speaks of. */
    public enum Sort {
        NONE,
        WATCH,
        CHOICE,
        EXECUTION,
        CAUSE
    }

    private final Sort sort;

    Note(Sort sort) {
        this.sort = sort;
    }

    public Sort sort() {
        return sort;
    }

    /** What cannot stand beside it. */
    public boolean excludes(Note other) {
        return sort != Sort.NONE && sort == other.sort && this != other;
    }
}
