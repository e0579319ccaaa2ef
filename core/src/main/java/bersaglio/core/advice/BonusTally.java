package bersaglio.core.advice;

import bersaglio.core.match.Agreed;
import bersaglio.core.match.GameRule;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.Team;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a bonus came to for both teams, by who served, as who serves has other chances.
 *
 * @param rule    which of those that hold, from 0
 * @param one     times that team one earned it, {@code oneServing} of them on the own serve
 * @param easy    whether nearly every rally earns it for both, so that it separates them no longer
 */
public record BonusTally(int rule, String name, int one, int oneServing, int two, int twoServing, boolean easy) {

    private static final int FEWEST_RALLIES = 8;
    private static final double NEARLY_EVERY = 0.8;
    private static final double EPSILON = 1e-9;

    public static List<BonusTally> all(Agreed agreed, List<PlayedRally> rallies) {
        List<BonusTally> all = new ArrayList<>();
        for (int rule = 0; rule < agreed.rules().size(); rule++) {
            if (agreed.rules().get(rule) instanceof GameRule.Bonus bonus) {
                all.add(of(rule, bonus.name(), rallies));
            }
        }
        return all;
    }

    private static BonusTally of(int rule, String name, List<PlayedRally> rallies) {
        int[] all = new int[2];
        int[] serving = new int[2];
        int[] withOne = new int[2];
        for (PlayedRally rally : rallies) {
            List<Team> earned = rally.bonuses().stream()
                    .filter(one -> one.rule() == rule)
                    .map(PlayedRally.Earned::team)
                    .toList();
            for (Team team : earned) {
                all[team.ordinal()]++;
                serving[team.ordinal()] += rally.serving().team() == team ? 1 : 0;
            }
            Set<Team> who = earned.stream().collect(Collectors.toSet());
            who.forEach(team -> withOne[team.ordinal()]++);
        }
        double wanted = NEARLY_EVERY * rallies.size() - EPSILON;
        boolean easy = rallies.size() >= FEWEST_RALLIES && withOne[0] >= wanted && withOne[1] >= wanted;
        return new BonusTally(rule, name, all[0], serving[0], all[1], serving[1], easy);
    }
}
