package bersaglio.browser;

import bersaglio.core.goal.Quota;
import bersaglio.core.pattern.Actor;
import bersaglio.core.pattern.Pattern;
import bersaglio.core.pattern.PatternStep;
import bersaglio.core.pattern.Repeat;
import bersaglio.core.pattern.Theme;
import bersaglio.core.pattern.Way;
import bersaglio.core.target.TargetSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Some pattern over the zones of a target. */
final class RandomPattern {

    private RandomPattern() {}

    static Pattern of(Random random, TargetSet target) {
        List<PatternStep> steps = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(4); i++) {
            steps.add(new PatternStep(
                    random.nextInt(3) == 0 ? Actor.B : Actor.A,
                    0,
                    random.nextInt(3) == 0
                            ? List.of(way(random, target), way(random, target))
                            : List.of(way(random, target)),
                    PatternStep.Incoming.ANY));
        }
        Repeat repeat = new Repeat(0, random.nextInt(steps.size() - 1), 2 + random.nextInt(2), random.nextBoolean());
        return new Pattern(
                steps,
                random.nextBoolean() ? List.of() : List.of(repeat),
                Pattern.Then.values()[random.nextInt(3)],
                Pattern.AfterBreak.values()[random.nextInt(3)],
                Pattern.OpeningMiss.values()[random.nextInt(3)],
                List.of(new Theme(Actor.B, "", "", Optional.of(new Quota(1 + random.nextInt(3), 4)))));
    }

    private static Way way(Random random, TargetSet target) {
        return new Way(
                random.nextInt(3) == 0 ? "smash" : "",
                random.nextInt(3) == 0
                        ? 0
                        : target.zones()
                                .get(random.nextInt(target.zones().size()))
                                .number());
    }
}
