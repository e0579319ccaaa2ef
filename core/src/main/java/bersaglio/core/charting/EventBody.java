package bersaglio.core.charting;

/** What a chart event says. What all charts share is one sealed family; each kind of chart has another of its own. */
public interface EventBody {

    /** Whether undo and redo step over this kind. */
    default boolean canBeUndone() {
        return false;
    }

    /** Whether it only adds to what came before it and changes nothing of that. */
    default boolean onlyAdds() {
        return false;
    }
}
