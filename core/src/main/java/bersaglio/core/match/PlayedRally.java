package bersaglio.core.match;

import bersaglio.core.rally.Contacts;
import java.util.List;
import java.util.Optional;

/**
 * A rally as it was charted.
 *
 * @param id      of the event that ended it
 * @param serving who served it
 * @param swapped whether the teams stood at the other ends than at the start
 * @param depth   to which it was charted
 * @param partial whether shots of it are missing that this depth asks for
 * @param end     as it was charted
 * @param bonuses earned while it went on, or since it was over
 * @param at      milliseconds since the match began
 */
public record PlayedRally(
        String id,
        Serving serving,
        boolean swapped,
        Depth depth,
        boolean partial,
        List<MatchShot> shots,
        RallyEnd end,
        List<Earned> bonuses,
        long at) {

    /** A bonus that a team earned; which of the rules, from 0. */
    public record Earned(String id, int rule, Team team) {}

    public PlayedRally {
        shots = List.copyOf(shots);
        bonuses = List.copyOf(bonuses);
    }

    public Optional<MatchShot> last() {
        return shots.isEmpty() ? Optional.empty() : Optional.of(shots.get(shots.size() - 1));
    }

    public Optional<MatchShot> serve() {
        return shots.stream().filter(shot -> shot.isServe() && shot.isIn()).findFirst();
    }

    /** Whether every shot of it is here, so that one can be asked what came after another. */
    public boolean isWhole() {
        return depth == Depth.FULL && !partial;
    }

    /** Whether the last shot that was charted was the last that was hit, as far as its depth asks for it. */
    public boolean isLastKnown() {
        return depth == Depth.FULL || last().map(MatchShot::gap).orElse(false) || shots.size() < depth.first();
    }

    /** Contacts of both sides; 0 where they are not known. */
    public int length() {
        if (end.length() > 0) {
            return end.length();
        }
        if (!isWhole()) {
            return 0;
        }
        return (int)
                shots.stream().filter(shot -> !shot.isServe() || shot.isIn()).count();
    }

    /** By the match's convention; 0 where it is not known. */
    public int length(Contacts counts) {
        return length() == 0 ? 0 : counts.of(length(), 0);
    }

    /** The same, as it counts by the rules that hold. */
    public PlayedRally endedBy(RallyEnd other) {
        return new PlayedRally(id, serving, swapped, depth, partial, shots, other, bonuses, at);
    }
}
