package bersaglio.core.goal;

/** Whether a ball already struck at the final signal counts. */
public enum Signal {
    COUNTS,
    TOO_LATE
}
