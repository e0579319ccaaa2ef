package bersaglio.core.charting;

import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Scoresheet;
import bersaglio.core.goal.Start;
import bersaglio.core.goal.Step;
import bersaglio.core.goal.Tally;
import bersaglio.core.pattern.Actor;
import bersaglio.core.pattern.Pattern;
import bersaglio.core.pattern.Theme;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** Counts the shots of those in a pattern whose set it is not, each for a goal of their own where they have one. */
final class OthersCount {

    private final Optional<Pattern> pattern;
    private final Map<Actor, Tally> shots = new EnumMap<>(Actor.class);
    private final Map<Actor, Scoresheet> sheets = new EnumMap<>(Actor.class);

    OthersCount(Optional<Pattern> pattern) {
        this.pattern = pattern;
    }

    void take(Actor by, Ruling ruling, long at) {
        if (!ruling.outcome().isTrial()) {
            return;
        }
        boolean hit = ruling.outcome() == Outcome.HIT;
        shots.merge(by, Tally.NONE.plus(hit), Tally::plus);
        goalOf(by).ifPresent(goal -> sheets.computeIfAbsent(by, first -> new Scoresheet(goal, Start.FRESH))
                .take(new Step.Ball(hit, Step.THE_PLAYERS, ruling.zone(), 0, at)));
    }

    private Optional<Goal> goalOf(Actor by) {
        return pattern.stream()
                .flatMap(one -> one.themes().stream())
                .filter(theme -> theme.by() == by)
                .findFirst()
                .flatMap(Theme::goal);
    }

    List<RoleCount> counts() {
        return shots.entrySet().stream()
                .map(one -> new RoleCount(
                        one.getKey(),
                        one.getValue(),
                        Optional.ofNullable(sheets.get(one.getKey()))
                                .map(sheet -> SetCount.of(sheet, 0, true, OptionalInt.empty()))))
                .toList();
    }
}
