package bersaglio.bench;

import bersaglio.bench.Bench.Row;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.BallByBall;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Learners;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Sequential;
import bersaglio.core.drill.Trying;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Quota;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Zone;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;

/** Players who are simulated and judged as real ones are, beside what the screens say of them. */
final class JudgementBench {

    private static final int PLAYERS = Integer.getInteger("judgement.players", 20_000);
    private static final int SETS = 10;
    private static final int BALLS = 12;
    private static final double TARGET = 0.62;
    private static final double NOT_READY = 0.50;
    private static final double READY = 0.74;
    private static final double POINTS = 2;

    /** What a player is like, ball by ball. */
    private enum Kind {
        STEADY("steady"),
        STREAKY_2("streaky .2"),
        STREAKY_4("streaky .4"),
        BY_DAY("form by day, sd .08"),
        SLOW("slow first four balls"),
        WRONG_CALLS("3 % wrong calls"),
        LEARNING("learning, +.1 over 60 balls");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        double streak() {
            return this == STREAKY_2 ? 0.2 : this == STREAKY_4 ? 0.4 : 0;
        }
    }

    private JudgementBench() {}

    static List<Row> all() {
        List<Row> rows = new ArrayList<>();
        Map<String, AdvanceRule> rules = new LinkedHashMap<>();
        rules.put("ball by ball", BallByBall.DEFAULT);
        rules.put("learner", Learners.DEFAULT);
        rules.put("evidence", Evidence.DEFAULT);
        rules.put("sequential, set by set", new Sequential(NOT_READY, READY, 0.1, 0.1));
        rules.put("one met set", new OneMetQuota());
        rules.put("2 of the last 3", new MetInLast(2, 3));
        System.out.printf("  moved up within %d sets of %d, of %d players each%n", SETS, BALLS, PLAYERS);
        rules.forEach((name, rule) -> rows.addAll(of(name, rule)));
        return rows;
    }

    private static List<Row> of(String name, AdvanceRule rule) {
        Drill drill = drill(rule);
        Level level = drill.level(2);
        List<Row> rows = new ArrayList<>();
        for (double rate : new double[] {NOT_READY, TARGET, READY}) {
            StringBuilder line = new StringBuilder(String.format("  %-24s %.2f:", name, rate));
            Trying trying = Trying.of(rate, SETS);
            double said = level.passing(trying).inAll();
            double saidStreaky = level.passing(trying.streaky(0.4)).inAll();
            for (Kind kind : Kind.values()) {
                double seen = seen(drill, kind, rate);
                line.append(String.format(" %s %.1f", kind.words, 100 * seen));
                if (kind == Kind.STEADY) {
                    line.append(String.format(" (said %.1f)", 100 * said));
                    rows.add(off(name + ", steady at " + rate, seen, said));
                } else if (kind == Kind.STREAKY_4) {
                    line.append(String.format(" (said %.1f)", 100 * saidStreaky));
                    rows.add(off(name + ", streaky at " + rate, seen, saidStreaky));
                }
            }
            System.out.println(line);
        }
        return rows;
    }

    private static Row off(String what, double seen, double said) {
        return Row.atMost(what + ": seen beside said", 100 * Math.abs(seen - said), "points", POINTS);
    }

    private static Drill drill(AdvanceRule rule) {
        TargetSet target = TargetSet.of(
                "corner",
                "Corner",
                Courts.BADMINTON,
                "singles",
                Zone.spot(1, "Corner", Plane.FLOOR, new Rectangle(1.59, 5.7, 2.59, 6.7)));
        List<Level> levels = new ArrayList<>();
        for (int number = 1; number <= 3; number++) {
            levels.add(new Level(number, target, 0, new Quota(8, BALLS), SETS, OptionalDouble.of(TARGET), rule));
        }
        return new Drill("made-1", "made", 1, "Made", "", Freedom.FED, levels);
    }

    private static double seen(Drill drill, Kind kind, double rate) {
        Random random = new Random(kind.ordinal() * 31 + Math.round(rate * 1000));
        int up = 0;
        for (int player = 0; player < PLAYERS; player++) {
            up += movesUp(drill, kind, rate, random) ? 1 : 0;
        }
        return (double) up / PLAYERS;
    }

    private static boolean movesUp(Drill drill, Kind kind, double rate, Random random) {
        List<Attempt> attempts = new ArrayList<>();
        int balls = 0;
        boolean before = random.nextDouble() < rate;
        for (int set = 0; set < SETS; set++) {
            double today = rate + (kind == Kind.BY_DAY ? 0.08 * random.nextGaussian() : 0);
            StringBuilder trials = new StringBuilder();
            for (int ball = 0; ball < BALLS; ball++) {
                double chance = today
                        + (kind == Kind.SLOW && ball < 4 ? -0.1 : 0)
                        + (kind == Kind.LEARNING ? Math.min(0.1, 0.1 * balls / 60) : 0);
                boolean hit = random.nextDouble() < chance * (1 - kind.streak()) + (before ? kind.streak() : 0);
                before = hit;
                boolean called = kind == Kind.WRONG_CALLS && random.nextDouble() < 0.03 ? !hit : hit;
                trials.append(called ? '1' : '0');
                balls++;
            }
            Attempt whole = Attempt.of(drill.level(2).goal(), trials.toString());
            attempts.add(whole);
            Advice advice = drill.advise(2, attempts, Neighbours.NONE);
            if (advice.call() != Advice.Call.STAY) {
                return advice.call() == Advice.Call.MOVE_UP;
            }
        }
        return false;
    }
}
