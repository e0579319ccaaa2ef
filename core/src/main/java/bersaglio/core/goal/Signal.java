package bersaglio.core.goal;

import bersaglio.core.words.Said;

/** Whether a ball already struck at the final signal counts. */
public enum Signal implements Said {
    COUNTS("the last ball counts"),
    TOO_LATE("the last ball is too late");

    private final String words;

    Signal(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
