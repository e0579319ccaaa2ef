package bersaglio.core.drill;

/** What a set of a drill asks for. */
public sealed interface Goal permits Quota {

    Standing judge(Tally tally);
}
