package bersaglio.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.goal.Hold;
import bersaglio.core.goal.Quota;
import bersaglio.core.pattern.Pattern.AfterBreak;
import bersaglio.core.pattern.Pattern.OpeningMiss;
import bersaglio.core.pattern.Pattern.Then;
import bersaglio.core.problem.Refused;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;

class PatternTest {

    private static final PatternStep OWN = PatternStep.of(Actor.A, "drop", 1);
    private static final PatternStep BACK = PatternStep.of(Actor.B, "", 2);

    private static void refused(ThrowingCallable made, String field) {
        assertThatThrownBy(made).isInstanceOf(Refused.class).satisfies(thrown -> assertThat(
                        ((Refused) thrown).problem().field())
                .isEqualTo(field));
    }

    private static Pattern repeating(Repeat... repeats) {
        return new Pattern(
                List.of(OWN, BACK, OWN, BACK, OWN),
                List.of(repeats),
                Then.STOP,
                AfterBreak.START_AGAIN,
                OpeningMiss.POINT_LOST,
                List.of());
    }

    @Test
    void whatCannotBeIsRefusedByItsField() {
        refused(() -> new Pattern(List.of(), Then.STOP), "steps");
        refused(() -> new Pattern(Collections.nCopies(41, OWN), Then.STOP), "steps");
        refused(() -> new Way("Drop!", 1), "stroke");
        refused(() -> new Way(" drop", 1), "stroke");
        refused(() -> new Way("", 10), "zone");
        refused(() -> new PatternStep(Actor.A, 0, List.of(), PatternStep.Incoming.ANY), "ways");
        refused(() -> new Repeat(2, 1, 3, false), "last");
        refused(() -> new Repeat(0, 1, 1, false), "times");
        refused(() -> repeating(new Repeat(0, 2, 2, false), new Repeat(2, 3, 2, false)), "repeats.1.first");
        refused(() -> repeating(new Repeat(3, 7, 2, false)), "repeats.0.last");
        refused(() -> repeating(new Repeat(3, 4, 2, true)), "repeats.0.orFewer");
        refused(() -> repeating().requireZones(List.of(1)), "steps.1.ways.0.zone");
        refused(
                () -> new Pattern(
                        List.of(OWN),
                        List.of(),
                        Then.STOP,
                        AfterBreak.START_AGAIN,
                        OpeningMiss.POINT_LOST,
                        List.of(new Theme(Actor.A, "", "soft hands"), new Theme(Actor.A, "racket up", ""))),
                "themes.1");
    }

    @Test
    void freedomGrowsFromOnePattern() {
        Pattern fixed = repeating(new Repeat(0, 1, 3, true), new Repeat(3, 4, 2, false));
        Pattern open = fixed.openAfter(3);
        assertThat(open.steps()).hasSize(3);
        assertThat(open.then()).isEqualTo(Then.PLAY);
        assertThat(open.repeats()).containsExactly(new Repeat(0, 1, 3, true));
        assertThat(fixed.openAfter(2).repeats()).as("nothing to change to").isEmpty();
        assertThat(fixed.actors()).containsExactly(Actor.A, Actor.B);
        assertThat(fixed.stepsOf(Actor.B)).containsExactly(1, 3);
        refused(() -> fixed.openAfter(0), "fixed");
    }

    @Test
    void aRolesOwnGoalIsOneThatHitsAloneMeet() {
        assertThat(new Theme(Actor.B, "", "", Optional.of(new Quota(8, 10))).goal())
                .isPresent();
        assertThatThrownBy(() -> new Theme(Actor.B, "", "", Optional.of(new Hold(30, 3))))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.problem().field()).isEqualTo("goal"));
    }
}
