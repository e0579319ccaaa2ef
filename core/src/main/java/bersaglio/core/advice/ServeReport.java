package bersaglio.core.advice;

import bersaglio.core.court.Side;
import bersaglio.core.court.Sport;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.Team;
import bersaglio.core.odds.Readable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The serves of a team, or of one of its players, from one side, first and second apart.
 *
 * @param serve    1 or 2
 * @param targets  what each part of the service court earned, the most used first
 * @param faults   serves that were none
 * @param readable how well their order could be read at the last of the {@link Looks}; nothing before the first
 * @param next     a place that is less expected now; nothing where the order cannot be read
 * @param pairs    what each serve earned by the one before it
 */
public record ServeReport(
        int serve,
        Side court,
        List<PlacementTally> targets,
        int faults,
        Optional<Readable> readable,
        Optional<Integer> next,
        List<Pair> pairs) {

    /**
     * Of random orders so many may seem readable: shared out among first and second serves from two sides, and among the
     * looks.
     */
    private static final double NEEDLESS = Looks.NEEDLESS / (4 * Looks.IN_ALL);

    public ServeReport {
        targets = List.copyOf(targets);
        pairs = List.copyOf(pairs);
    }

    /** A serve by where the one before it went. */
    public record Pair(int before, int spot, int rallies, int won) {}

    private record Group(int serve, Side court) {}

    private static final Comparator<Group> BY_SERVE =
            Comparator.comparing(Group::serve).thenComparing(Group::court);

    private record Served(int spot, boolean won, PlayedRally rally) {}

    /** @param player of the team, from 0; -1 for all of it */
    public static List<ServeReport> all(Sport sport, List<PlayedRally> rallies, Team team, int player) {
        Map<Group, List<Served>> rows = new TreeMap<>(BY_SERVE);
        Map<Group, Integer> faults = new TreeMap<>(BY_SERVE);
        for (PlayedRally rally : rallies) {
            boolean own = rally.serving().team() == team
                    && (player < 0 || rally.serving().player() == player);
            for (MatchShot shot : own ? rally.shots() : List.<MatchShot>of()) {
                if (!shot.isServe()) {
                    continue;
                }
                Group group = new Group(shot.serve(), rally.serving().court());
                if (shot.isIn() && shot.spot() > 0 && rally.end().winner().isPresent()) {
                    boolean won = rally.end().winner().get() == team;
                    rows.computeIfAbsent(group, first -> new ArrayList<>()).add(new Served(shot.spot(), won, rally));
                } else if (shot.ruling().outcome().isTrial() && !shot.isIn()) {
                    faults.merge(group, 1, Integer::sum);
                    rows.computeIfAbsent(group, first -> new ArrayList<>());
                }
            }
        }
        List<ServeReport> reports = new ArrayList<>();
        rows.forEach((group, row) -> reports.add(of(sport, group, row, team, faults.getOrDefault(group, 0))));
        return reports;
    }

    private static ServeReport of(Sport sport, Group group, List<Served> row, Team team, int faults) {
        List<PlayedRally> rallies = row.stream().map(Served::rally).toList();
        List<PlacementTally> targets = Placements.of(sport, rallies, team, -1).tallies().stream()
                .filter(tally -> tally.placement().stroke().equals("serve"))
                .toList();
        List<Integer> order = row.stream().map(Served::spot).toList();
        List<Integer> seen = order.subList(0, Looks.last(order.size()));
        int places = (int) seen.stream().distinct().count();
        Optional<Readable> readable = places < 2 ? Optional.empty() : Optional.of(Readable.of(seen, places));
        Optional<Integer> next =
                readable.filter(one -> one.isReadable(NEEDLESS)).flatMap(one -> leastExpected(order));
        return new ServeReport(group.serve(), group.court(), targets, faults, readable, next, pairs(row));
    }

    /** Of the places used, the one that has followed the last serve least often; of equals the one used least. */
    private static Optional<Integer> leastExpected(List<Integer> order) {
        int last = order.get(order.size() - 1);
        return order.stream()
                .distinct()
                .min(Comparator.<Integer>comparingLong(spot -> followed(order, last, spot))
                        .thenComparingLong(
                                spot -> order.stream().filter(spot::equals).count())
                        .thenComparingInt(spot -> spot));
    }

    private static long followed(List<Integer> order, int before, int spot) {
        long count = 0;
        for (int i = 1; i < order.size(); i++) {
            count += order.get(i - 1) == before && order.get(i) == spot ? 1 : 0;
        }
        return count;
    }

    private static List<Pair> pairs(List<Served> row) {
        List<Pair> pairs = new ArrayList<>();
        for (int i = 1; i < row.size(); i++) {
            int before = row.get(i - 1).spot();
            int spot = row.get(i).spot();
            int won = row.get(i).won() ? 1 : 0;
            Optional<Pair> known = pairs.stream()
                    .filter(pair -> pair.before() == before && pair.spot() == spot)
                    .findFirst();
            known.ifPresent(pairs::remove);
            pairs.add(new Pair(
                    before,
                    spot,
                    known.map(Pair::rallies).orElse(0) + 1,
                    known.map(Pair::won).orElse(0) + won));
        }
        pairs.sort(Comparator.comparingInt(Pair::rallies)
                .reversed()
                .thenComparingInt(Pair::before)
                .thenComparingInt(Pair::spot));
        return pairs;
    }
}
