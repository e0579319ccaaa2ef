package bersaglio.core.shot;

/** The hand that holds the racket. */
public enum Hand {
    RIGHT,
    LEFT
}
