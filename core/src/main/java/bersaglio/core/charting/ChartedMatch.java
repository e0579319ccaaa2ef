package bersaglio.core.charting;

import bersaglio.core.charting.MatchEvent.MatchOpened;
import bersaglio.core.court.Sport;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.Count;
import bersaglio.core.match.Depth;
import bersaglio.core.match.Format;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.MatchState;
import bersaglio.core.match.OpenRally;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.Told;
import bersaglio.core.problem.Refused;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A match as its events make it.
 *
 * @param agreed   what holds now
 * @param story    why the score stands as it does
 * @param now      how it stands
 * @param open     the rally that is on
 * @param earned   in it
 * @param coaching whether a coach may speak; nothing until somebody said
 * @param over     whether it is over, whoever leads
 * @param aside    events that later corrections have made impossible, and that change nothing
 */
public record ChartedMatch(
        Origin origin,
        Agreed agreed,
        List<Told> story,
        MatchState now,
        OpenRally open,
        List<PlayedRally.Earned> earned,
        Optional<Boolean> coaching,
        boolean over,
        List<String> aside,
        RunOutline outline) {

    private static final int LATELY = 3;

    /** Where and how it began. */
    public record Origin(String session, String run, long openedAt, MatchOpened opened) {}

    public ChartedMatch {
        story = List.copyOf(story);
        earned = List.copyOf(earned);
        aside = List.copyOf(aside);
    }

    public MatchOpened opened() {
        return origin.opened();
    }

    public Sport sport() {
        return opened().agreed().format().sport();
    }

    /** The rallies that somebody charted, those that change nothing left out. */
    public List<PlayedRally> rallies() {
        return told().filter(told -> !told.surplus()).map(Told.OfRally::rally).toList();
    }

    /** The same, each as it counts by the rules that held. */
    public List<PlayedRally> asCounted() {
        return told().filter(told -> !told.surplus())
                .map(told -> told.broken().isPresent() ? told.rally().endedBy(told.counted()) : told.rally())
                .toList();
    }

    public Stream<Told.OfRally> told() {
        return story.stream().filter(Told.OfRally.class::isInstance).map(Told.OfRally.class::cast);
    }

    /** Points of the game that is on by what brought them; those that it began with, or that were said, are neither's. */
    public record Apart(Count rallies, Count bonuses) {}

    public Apart apart() {
        Count rallies = Count.NONE;
        Count bonuses = Count.NONE;
        MatchState before = opened().start().begin(opened().agreed().format());
        for (Told told : story) {
            MatchState after = told.after();
            boolean other = after.sets().total() != before.sets().total()
                    || after.games().total() != before.games().total()
                    || told instanceof Told.OfScore;
            if (other) {
                rallies = Count.NONE;
                bonuses = Count.NONE;
            } else if (told instanceof Told.OfRally) {
                rallies = rallies.plus(before.points(), after.points());
            } else if (told instanceof Told.OfBonus) {
                bonuses = bonuses.plus(before.points(), after.points());
            }
            before = after;
        }
        return new Apart(rallies, bonuses);
    }

    /** Shots come faster than they are charted: of the last three rallies at this depth two lack some. */
    public boolean fallsBehind() {
        List<PlayedRally> all = rallies();
        List<PlayedRally> last = all.subList(Math.max(0, all.size() - LATELY), all.size());
        return open.depth() != Depth.POINTS
                && last.stream()
                                .filter(rally -> rally.partial() && rally.depth() == open.depth())
                                .count()
                        >= LATELY - 1;
    }

    /**
     * Whether an event can come next.
     *
     * @throws Refused where it says what cannot be
     */
    public void check(EventBody what) {
        if (what instanceof MatchEvent own) {
            own.check(this);
        }
    }

    void requireRally(String id) {
        if (told().noneMatch(told -> told.id().equals(id))) {
            throw new Refused("unknown_id", "rally", id, "a rally of this match");
        }
    }

    void requireShot(String id) {
        boolean known = Stream.concat(told().flatMap(told -> told.rally().shots().stream()), open.shots().stream())
                .map(MatchShot::id)
                .anyMatch(id::equals);
        if (!known) {
            throw new Refused("unknown_id", "shot", id, "a shot of this match");
        }
    }

    void requireSameSport(Format other) {
        boolean same = other.sport() == sport()
                && other.doubles() == opened().agreed().format().doubles();
        if (!same) {
            throw new Refused("not_allowed", "format", other.id(), "one for as many of this sport");
        }
    }
}
