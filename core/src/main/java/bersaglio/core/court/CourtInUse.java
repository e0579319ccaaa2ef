package bersaglio.core.court;

/** The part of a court that is in: it decides what is out, and a result belongs to it. */
public enum CourtInUse {
    SINGLES,
    DOUBLES
}
