package bersaglio.core.shot;

/** The side of the court that a player serves or hits from, as that player faces the net. */
public enum From {
    RIGHT,
    LEFT
}
