package bersaglio.core.court;

/** Where the person who charts stands. It turns the drawing; what is stored never turns. */
public enum Standpoint {
    BEHIND,
    ACROSS,
    LEFT,
    RIGHT
}
