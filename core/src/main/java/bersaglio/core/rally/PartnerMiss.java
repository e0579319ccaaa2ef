package bersaglio.core.rally;

/** What the miss of a partner or a feeder does to the rally's count. */
public enum PartnerMiss {
    /** The rally ends there, as long as it was. */
    ENDS_IT,
    /** The rally is no try. */
    VOIDS_IT,
    /** The count goes on with the next ball. */
    RESUMES
}
