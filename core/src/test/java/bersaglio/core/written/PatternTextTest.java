package bersaglio.core.written;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.court.Plane;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Quota;
import bersaglio.core.pattern.Actor;
import bersaglio.core.pattern.Pattern;
import bersaglio.core.pattern.Pattern.AfterBreak;
import bersaglio.core.pattern.Pattern.OpeningMiss;
import bersaglio.core.pattern.Pattern.Then;
import bersaglio.core.pattern.PatternStep;
import bersaglio.core.pattern.PatternStep.Incoming;
import bersaglio.core.pattern.Repeat;
import bersaglio.core.pattern.Theme;
import bersaglio.core.pattern.Way;
import bersaglio.core.target.Bounce;
import bersaglio.core.target.InUse;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Zone;
import bersaglio.core.words.Misread;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PatternTextTest {

    private static final List<String> STROKES =
            List.of("", "drop", "cross lift", "to", "then", "net-kill", "a", "zone", "più alto", "end");
    private static final TargetSet PLACES = places("net", "rear left", "rear right", "Twin", "Twin", "zone", "or");
    private static final String FIVE_STEPS =
            """
            feeder lift to "rear left"
            A drop to net or clear to "rear right"
            B from net anywhere
            repeat up to 4 times:
              A net-kill to net when it is high
              B to "rear right"
            end
            A anywhere
            then play
            after a break it goes back a step
            an opening miss has a second try
            for A watch "racket up" theme "soft hands"
            for B theme "vary the height\"""";

    private final Random random = new Random(11);

    private static TargetSet places(String... names) {
        List<Zone> zones = new ArrayList<>();
        for (int i = 0; i < names.length; i++) {
            Rectangle area = new Rectangle(-2.5 + i * 0.7, 2, -2 + i * 0.7, 3);
            zones.add(Zone.spot(i + 1, names[i], Plane.FLOOR, area));
        }
        return new TargetSet(
                "places",
                1,
                "Places",
                Courts.BADMINTON,
                InUse.named("singles"),
                Bounce.FIRST,
                zones,
                List.of(),
                Optional.empty());
    }

    @Test
    void aPatternReadsAloud() {
        Pattern pattern = DrillText.pattern(FIVE_STEPS, PLACES);
        assertThat(pattern.steps()).hasSize(6);
        assertThat(pattern.steps().get(1).ways()).containsExactly(new Way("drop", 1), new Way("clear", 3));
        assertThat(pattern.steps().get(3).when()).isEqualTo(Incoming.HIGH);
        assertThat(pattern.repeats()).containsExactly(new Repeat(3, 4, 4, true));
        assertThat(DrillText.write(pattern, PLACES)).isEqualTo(FIVE_STEPS);
        assertThat(DrillText.spoken(
                        DrillText.pattern("a drop to net, b lift to \"rear left\" then play", PLACES), PLACES))
                .isEqualTo("A drop to net; B lift to \"rear left\"; then play");
    }

    @Test
    void whatIsWrongIsToldAtItsPlace() {
        assertMisread("A drop to nett then stop", 10, "unknown_word");
        assertMisread("A drop to \"nowhere\" then stop", 10, "unknown_word");
        assertMisread("A drop to net", 13, "text_ends");
        assertMisread("A drop to zone 8 then stop", 0, "not_allowed");
        assertMisread("repeat 3 times end then stop", 0, "out_of_range");
        assertMisread("A drop to net then dance", 19, "unknown_word");
        assertMisread("A drop to net then stop B", 24, "unknown_word");
    }

    private static void assertMisread(String text, int from, String code) {
        assertThatThrownBy(() -> DrillText.pattern(text, PLACES)).isInstanceOfSatisfying(Misread.class, misread -> {
            assertThat(misread.problem().code()).isEqualTo(code);
            assertThat(misread.place().from()).isBetween(0, text.length());
            assertThat(misread.place().from()).as(text).isEqualTo(from);
        });
    }

    @Test
    void aThousandPatternsAreTheSameInWordsAndOnOneLine() {
        for (int i = 0; i < 1000; i++) {
            Pattern pattern = pattern();
            String words = DrillText.write(pattern, PLACES);
            assertThat(DrillText.pattern(words, PLACES)).as(words).isEqualTo(pattern);
            String line = DrillText.spoken(pattern, PLACES);
            assertThat(line).doesNotContain("\n");
            assertThat(DrillText.pattern(line, PLACES)).as(line).isEqualTo(pattern);
        }
    }

    @Test
    void aLevelOpensThePatternOfTheOneBefore() {
        List<Level> levels = DrillText.read(
                        """
                        drill "Drop and lift" on badminton
                        count passes
                        level
                          target "Corners" in use singles zone 1 "net" from 0 to 1 across from 1 m to 2 m away
                          goal 6 hits of 10 balls
                          pattern A drop to net; B lift anywhere; A clear anywhere then stop
                        level
                          open after 1 step
                        """,
                        Courts.all())
                .levels();
        Pattern open = levels.get(1).dials().pattern().orElseThrow();
        assertThat(open.steps()).hasSize(1);
        assertThat(open.then()).isEqualTo(Then.PLAY);
        assertThat(levels.get(1).dials().freedom()).contains(Freedom.SEMI_OPEN);
    }

    private Pattern pattern() {
        List<PatternStep> steps = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(9); i++) {
            steps.add(step());
        }
        List<Repeat> repeats = new ArrayList<>();
        int free = random.nextInt(3);
        while (free < steps.size()) {
            int last = Math.min(steps.size() - 1, free + random.nextInt(3));
            boolean orFewer = random.nextBoolean() && last < steps.size() - 1;
            repeats.add(new Repeat(free, last, 2 + random.nextInt(9), orFewer));
            free = last + 1 + random.nextInt(4);
        }
        return new Pattern(
                steps,
                repeats,
                Then.values()[random.nextInt(3)],
                AfterBreak.values()[random.nextInt(3)],
                OpeningMiss.values()[random.nextInt(3)],
                random.nextBoolean() ? List.of() : List.of(new Theme(Actor.D, "", "deep \"and\" high", goal())));
    }

    private Optional<Goal> goal() {
        return random.nextBoolean() ? Optional.empty() : Optional.of(new Quota(2, 3 + random.nextInt(8)));
    }

    private PatternStep step() {
        List<Way> ways = new ArrayList<>();
        for (int i = 0; i <= random.nextInt(4); i++) {
            ways.add(new Way(STROKES.get(random.nextInt(STROKES.size())), random.nextInt(8)));
        }
        return new PatternStep(
                Actor.values()[random.nextInt(5)], random.nextInt(8), ways, Incoming.values()[random.nextInt(6)]);
    }
}
