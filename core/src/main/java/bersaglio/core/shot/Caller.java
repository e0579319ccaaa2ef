package bersaglio.core.shot;

/** Who called a shot. */
public enum Caller {
    COACH,
    ASSISTANT,
    WAITING_PLAYER,
    HITTER
}
