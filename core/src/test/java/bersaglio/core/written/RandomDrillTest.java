package bersaglio.core.written;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.core.Samples;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.AfterUnmet;
import bersaglio.core.drill.CoachsCall;
import bersaglio.core.drill.CountUnit;
import bersaglio.core.drill.Design;
import bersaglio.core.drill.Dials;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.EvidenceAgainst;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Retreat;
import bersaglio.core.drill.Sequential;
import bersaglio.core.drill.StayPut;
import bersaglio.core.goal.Goal;
import bersaglio.core.shot.Caller;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import bersaglio.core.words.Misread;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Whatever a drill is made of, its words say all of it, and say it the same way twice. */
class RandomDrillTest {

    private static final int DRILLS = 300;
    private static final List<Goal> GOALS = Samples.goals().toList();
    private static final String[] WORDS = {"", "Racket up", "Say \"go\", then hit", "Back\\slash", "Élan: 50 %, (late)"
    };

    private final Random random = new Random(1806);

    @Test
    void anyDrillIsReadAsItWasWritten() {
        for (int i = 0; i < DRILLS; i++) {
            Drill drill = drill();
            String words = DrillText.write(drill);
            Drill read = DrillText.read(words, Courts.all());
            assertThat(read).as(words).isEqualTo(drill);
            assertThat(DrillText.write(read)).isEqualTo(words);
        }
    }

    /** However a text is broken off, it is read or told where it breaks; nothing else happens. */
    @Test
    void aTextBrokenOffAnywhereIsToldWhere() {
        String words = DrillText.write(drill());
        for (int end = 0; end < words.length(); end++) {
            String begun = words.substring(0, end);
            try {
                assertThat(DrillText.read(begun, Courts.all()).levels()).isNotEmpty();
            } catch (Misread misread) {
                assertThat(misread.place().from()).isLessThanOrEqualTo(end);
                assertThat(misread.place().line()).isPositive();
            }
            assertThat(DrillText.next(begun, Courts.all())).doesNotContainNull();
        }
    }

    private Drill drill() {
        List<Level> levels = new ArrayList<>();
        for (int number = 1; number <= 1 + random.nextInt(4); number++) {
            boolean asBefore = number > 1 && random.nextBoolean();
            levels.add(asBefore ? levels.get(number - 2).numbered(number).with(dials()) : level(number));
        }
        return new Drill(
                "any-drill-1",
                "any-drill",
                1,
                "Any drill",
                words(),
                Freedom.values()[random.nextInt(6)],
                design(),
                levels);
    }

    private String words() {
        return WORDS[random.nextInt(WORDS.length)];
    }

    private Level level(int number) {
        Level level = new Level(
                        number, target(), 0, GOALS.get(random.nextInt(GOALS.size())), 3, OptionalDouble.empty(), up())
                .with(down())
                .with(dials())
                .allowing(1 + random.nextInt(20));
        level = random.nextBoolean() ? level : level.wanting(random.nextInt(10_000) / 10_000.0);
        return random.nextBoolean()
                ? level
                : level.accepting(EnumSet.of(Caller.values()[random.nextInt(4)], Caller.HITTER));
    }

    private TargetSet target() {
        double left = -2.5 + random.nextInt(3000) / 1000.0;
        double near = random.nextInt(5000) / 1000.0;
        Rectangle area = new Rectangle(left, near, left + 0.1 + random.nextDouble(), near + 0.5);
        return TargetSet.of(
                "corner-" + random.nextInt(3),
                "Corner",
                Courts.BADMINTON,
                random.nextBoolean() ? "singles" : "doubles",
                Zone.spot(1, "Corner", Plane.FLOOR, area).tiedTo(Tie.values()[random.nextInt(4)]));
    }

    private AdvanceRule up() {
        return switch (random.nextInt(5)) {
            case 0 -> new OneMetQuota();
            case 1 -> new MetInLast(1 + random.nextInt(3), 3, MetInLast.Each.values()[random.nextInt(2)]);
            case 2 -> evidence();
            case 3 -> new Sequential(0.4, 0.4 + 0.05 * (1 + random.nextInt(10)), 0.1, 0.2);
            default -> new CoachsCall();
        };
    }

    private Evidence evidence() {
        return new Evidence(0.5 + 0.49 * random.nextDouble(), 1 + random.nextInt(50), random.nextInt(3) * 18);
    }

    private Retreat down() {
        return switch (random.nextInt(3)) {
            case 0 -> new StayPut();
            case 1 -> new AfterUnmet(1 + random.nextInt(12), AfterUnmet.Back.values()[random.nextInt(2)]);
            default -> new EvidenceAgainst(evidence());
        };
    }

    private Dials dials() {
        Dials dials = Dials.AS_THE_DRILL;
        dials = random.nextBoolean() ? dials : dials.at(0.1 + 10 * random.nextDouble());
        dials = random.nextBoolean() ? dials : dials.every(1 + random.nextInt(100) / 10.0);
        dials = random.nextBoolean() ? dials : dials.feeding(words()).within(random.nextInt(4));
        dials = random.nextBoolean() ? dials : dials.as(Freedom.values()[random.nextInt(6)]);
        return random.nextBoolean() ? dials : dials.with(Dials.Hitting.WEAKER_HAND);
    }

    private Design design() {
        CountUnit unit = random.nextBoolean()
                ? new CountUnit(CountUnit.Kind.COMBINATION, 2 + random.nextInt(5), CountUnit.FirstMiss.IS_PLAYED_AGAIN)
                : new CountUnit(CountUnit.Kind.PASS, 1, CountUnit.FirstMiss.USES_UP_A_TRY);
        int least = 1 + random.nextInt(4);
        return new Design(
                random.nextBoolean() ? List.of() : List.of("Length", "Say \"yes\""),
                words(),
                words(),
                unit,
                Design.Order.values()[random.nextInt(2)],
                Design.RangeFinding.values()[random.nextInt(2)],
                new Design.Setting(words(), words(), words(), words()),
                random.nextBoolean()
                        ? Set.of()
                        : Set.of(Design.Apart.WING, Design.Apart.values()[1 + random.nextInt(2)]),
                new Design.Group(least, least + random.nextInt(3)),
                1 + random.nextInt(120),
                random.nextBoolean() ? List.of() : List.of(new Design.Requirement("clear", 1 + random.nextInt(5))),
                random.nextBoolean() ? Optional.empty() : Optional.of("below-it"));
    }
}
