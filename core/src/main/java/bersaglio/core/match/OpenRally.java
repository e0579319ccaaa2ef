package bersaglio.core.match;

import bersaglio.core.court.Sport;
import bersaglio.core.match.MatchShot.Hitter;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * The rally that is on: what was charted of it, and so who hits next.
 *
 * @param serving who serves it
 */
public record OpenRally(Sport sport, boolean doubles, Serving serving, Depth depth, List<MatchShot> shots) {

    public OpenRally {
        shots = List.copyOf(shots);
    }

    /**
     * The shot that is next.
     *
     * @param serve   1 or 2 where it is a serve, else 0
     * @param another whether a fault is followed by a second serve
     */
    public record Next(Hitter hitter, int serve, boolean another) {}

    public OpenRally with(MatchShot shot) {
        List<MatchShot> more = new ArrayList<>(shots);
        more.add(shot);
        return new OpenRally(sport, doubles, serving, depth, more);
    }

    public Next next() {
        List<MatchShot> played = inPlay();
        if (played.isEmpty()) {
            boolean faulted = shots.stream()
                    .anyMatch(shot -> shot.isServe() && shot.ruling().outcome() != Outcome.VOID);
            boolean two = Laws.hasSecondServe(sport);
            return new Next(new Hitter(serving.team(), serving.player()), faulted && two ? 2 : 1, two && !faulted);
        }
        Team team = played.get(played.size() - 1).by().team().other();
        return new Next(new Hitter(team, player(team, played)), 0, false);
    }

    /** The parts of what the next shot goes to. */
    public Spots spots() {
        return next().serve() > 0 ? Spots.ofServe(sport, doubles, serving.court()) : Spots.of(sport, doubles);
    }

    /** Who of a pair, where that can be told. */
    private int player(Team team, List<MatchShot> played) {
        if (!doubles) {
            return 0;
        }
        boolean gap = played.stream().anyMatch(MatchShot::gap);
        if (played.size() == 1 && !gap) {
            return serving.receiver();
        }
        if (Laws.isStrictTurn(sport) && !gap) {
            boolean first = played.size() / 2 % 2 == 0;
            int starts = team == serving.team() ? serving.player() : serving.receiver();
            return first ? starts : 1 - starts;
        }
        int spot = played.get(played.size() - 1).spot();
        if (Laws.isSideKept(sport) && spot > 0) {
            return switch (Spots.lane(Spots.across(spot))) {
                case RIGHT -> 0;
                case LEFT -> 1;
                case MIDDLE -> Hitter.ONE_OF_THE_PAIR;
            };
        }
        return Hitter.ONE_OF_THE_PAIR;
    }

    /** Without serves that were faults, or are served again. */
    private List<MatchShot> inPlay() {
        return shots.stream()
                .filter(shot -> !shot.isServe() || shot.isIn() || shot.ruling().outcome() == Outcome.NOT_SEEN)
                .toList();
    }

    /** The stroke that a shot to a part of the court most likely is. */
    public Optional<String> stroke(int spot, boolean serve, boolean gap) {
        List<MatchShot> played = inPlay();
        int before = played.isEmpty() || gap ? 0 : played.get(played.size() - 1).spot();
        return StrokeGuess.of(sport, before, spot, serve, !gap && played.size() == 1);
    }

    /** With something else said of its last shot. */
    public OpenRally withLast(UnaryOperator<MatchShot> said) {
        List<MatchShot> all = new ArrayList<>(shots);
        if (!all.isEmpty()) {
            all.set(all.size() - 1, said.apply(all.get(all.size() - 1)));
        }
        return new OpenRally(sport, doubles, serving, depth, all);
    }

    /** Shots from the serve on, without a gap. */
    private int fromTheServe() {
        List<MatchShot> played = inPlay();
        if (played.isEmpty() || !played.get(0).isServe()) {
            return 0;
        }
        int count = 0;
        while (count < played.size() && !played.get(count).gap()) {
            count++;
        }
        return count;
    }

    /** Whether what is charted next is the last shot so far, and those between are left out at this depth. */
    public boolean leavesOut() {
        return next().serve() == 0 && fromTheServe() >= depth.first();
    }

    /** Whether shots are missing that the depth asks for, when it ends so. */
    public boolean isPartial(RallyEnd end) {
        List<MatchShot> played = inPlay();
        boolean seen = end.winner().isPresent() && end.how() != RallyEnd.How.GIVEN;
        if (depth == Depth.POINTS || !seen) {
            return false;
        }
        boolean whole = !played.isEmpty() && fromTheServe() == played.size() && endFits(end);
        return depth == Depth.FULL ? !whole : !whole && fromTheServe() < depth.first();
    }

    /** Whether the one who hit last, or failed to, is the one whose turn it was. */
    private boolean endFits(RallyEnd end) {
        Team next = next().hitter().team();
        return switch (end.how()) {
            case FORCED, UNFORCED -> end.erred().equals(Optional.of(next));
            case WINNER -> end.winner().equals(Optional.of(next.other()));
            case WON, GIVEN, LET, VOID, NOT_SEEN -> true;
        };
    }

    /** With the shot that ended it by missing, which nobody charted by itself. */
    public OpenRally endedBy(String id, RallyEnd end, List<Note> notes, long at) {
        boolean hit = end.how().isError() && end.miss() != Outcome.NO_REACH;
        Next next = next();
        boolean isNext = end.erred().equals(Optional.of(next.hitter().team()));
        // Where shots are left out, either may have been next.
        boolean gap = leavesOut();
        if (!hit || depth == Depth.POINTS || !isNext && !gap) {
            return this;
        }
        Hitter who = isNext && !gap
                ? next.hitter()
                : new Hitter(end.erred().orElseThrow(), doubles ? Hitter.ONE_OF_THE_PAIR : 0);
        return with(new MatchShot(
                id,
                who,
                stroke(0, next.serve() > 0, gap).orElse(""),
                Optional.empty(),
                new Ruling(end.miss(), end.side()),
                next.serve(),
                gap,
                notes,
                "",
                at));
    }
}
