package bersaglio.core.advice;

import bersaglio.core.court.Sport;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.match.Team;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The placements of one team, or of one of its players, in some rallies.
 *
 * @param won     rallies, of
 * @param rallies in all that somebody won
 * @param tallies the most used first
 */
public record Placements(int won, int rallies, List<PlacementTally> tallies) {

    public Placements {
        tallies = List.copyOf(tallies);
    }

    /** @param player of the team, from 0; -1 for all of it */
    public static Placements of(Sport sport, List<PlayedRally> rallies, Team team, int player) {
        Map<Placement, PlacementTally> all = new LinkedHashMap<>();
        int won = 0;
        int decided = 0;
        for (PlayedRally rally : rallies) {
            Optional<Team> winner = rally.end().winner();
            if (winner.isPresent()) {
                decided++;
                won += winner.get() == team ? 1 : 0;
            }
            tally(sport, rally, team, player, all);
        }
        return new Placements(won, decided, sorted(all));
    }

    private static List<PlacementTally> sorted(Map<Placement, PlacementTally> all) {
        return all.values().stream()
                .sorted(Comparator.comparingInt(PlacementTally::shots).reversed())
                .toList();
    }

    private static void tally(
            Sport sport, PlayedRally rally, Team team, int player, Map<Placement, PlacementTally> all) {
        List<MatchShot> shots = rally.shots();
        Set<Placement> seen = new HashSet<>();
        for (int at = 0; at < shots.size(); at++) {
            MatchShot shot = shots.get(at);
            boolean own = shot.by().team() == team && (player < 0 || shot.by().player() == player);
            if (!own || shot.spot() == 0 || !shot.isIn()) {
                continue;
            }
            Placement placement = new Placement(
                    shot.stroke(), shot.spot(), shot.placed().orElseThrow().kind());
            int before = at >= 2 && !shot.gap() && !shots.get(at - 1).gap()
                    ? shots.get(at - 2).spot()
                    : 0;
            boolean comparable = before > 0 && !shots.get(at - 2).isServe();
            PlacementTally now = all.getOrDefault(placement, PlacementTally.none(placement))
                    .plusShot(Effect.of(sport, rally, at), comparable, comparable && before != shot.spot());
            if (rally.end().winner().isPresent() && isTallied(rally, at) && seen.add(placement)) {
                now = now.plusRally(rally.end().winner().get() == team);
            }
            all.put(placement, now);
        }
    }

    /** The serve, the return, and the last two shots: what ended it by missing is one of them. */
    private static boolean isTallied(PlayedRally rally, int at) {
        List<MatchShot> shots = rally.shots();
        if (shots.get(at).isServe()) {
            return true;
        }
        boolean isReturn =
                at > 0 && shots.get(at - 1).isServe() && !shots.get(at).gap();
        boolean known = rally.isLastKnown() && rally.end().how() != RallyEnd.How.GIVEN;
        int last = shots.size() - 1;
        return isReturn
                || known && (at == last || at == last - 1 && !shots.get(last).gap());
    }

    /** With what an earlier match, or an opponent's file, knows of the same placements. */
    public Placements with(List<PlacementTally> earlier) {
        Map<Placement, PlacementTally> all = new LinkedHashMap<>();
        tallies.forEach(tally -> all.put(tally.placement(), tally));
        earlier.forEach(tally -> all.merge(tally.placement(), tally, PlacementTally::plus));
        return new Placements(won, rallies, sorted(all));
    }

    /** The one placement that is used most, serves apart; of a stroke that is known. */
    public Optional<PlacementTally> favourite() {
        return tallies.stream()
                .filter(tally -> !tally.placement().stroke().equals("serve")
                        && !tally.placement().stroke().isEmpty())
                .findFirst();
    }

    /** All other placements of a stroke, as one. */
    public PlacementTally others(Placement than) {
        return tallies.stream()
                .filter(tally -> !tally.placement().equals(than)
                        && tally.placement().stroke().equals(than.stroke())
                        && tally.placement().kind() == than.kind())
                .reduce(PlacementTally.none(than), PlacementTally::plus);
    }

    public PlacementTally at(Placement placement) {
        return tallies.stream()
                .filter(tally -> tally.placement().equals(placement))
                .findFirst()
                .orElse(PlacementTally.none(placement));
    }

    /** Why a placement loses: asked of all of these that are known well enough. */
    PlacementAdvice.Luck luck(PlacementTally tally) {
        int asked = (int) tallies.stream().filter(PlacementAdvice::canBeAsked).count();
        return PlacementAdvice.luck(tally, rate(), asked);
    }

    /** The share of rallies won, from which few cases are not told apart: half of them before any. */
    public double rate() {
        return rallies == 0 ? 0.5 : (double) won / rallies;
    }
}
