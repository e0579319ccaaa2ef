package bersaglio.core.rally;

import bersaglio.core.words.Said;

/** What the miss of a partner or a feeder does to the rally's count. */
public enum PartnerMiss implements Said {
    /** The rally ends there, as long as it was. */
    ENDS_IT("ends it"),
    /** The rally is no try. */
    VOIDS_IT("is no try"),
    /** The count goes on with the next ball. */
    RESUMES("lets it go on");

    private final String words;

    PartnerMiss(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
