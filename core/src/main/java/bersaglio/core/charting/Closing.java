package bersaglio.core.charting;

import java.util.Optional;

/**
 * Whether a set is closed, and what came of that.
 *
 * @param said the verdict as given when it was last closed
 * @param move the level move that rests on it and still stands
 */
public record Closing(boolean closed, Optional<Said> said, Optional<LevelMove> move) {}
