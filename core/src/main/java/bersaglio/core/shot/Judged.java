package bersaglio.core.shot;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a shot was: the mark stays as touched, the call counts.
 *
 * @param ruling  what counts
 * @param other   what it would be beyond the edge that it is close to
 * @param called  whether a person's call replaced what the mark says
 * @param counted whether it belongs to the set's block; a shot past the block is kept and not counted
 * @param points  of the ring it landed in, 0 where none are laid
 * @param fromAim how far it landed from the point aimed at, in metres, where there is one
 */
public record Judged(
        Ruling ruling, Optional<Ruling> other, boolean called, boolean counted, int points, OptionalDouble fromAim) {}
