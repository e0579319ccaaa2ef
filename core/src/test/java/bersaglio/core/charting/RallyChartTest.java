package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.Samples;
import bersaglio.core.charting.SetEvent.ContactMade;
import bersaglio.core.charting.SetEvent.RallyEnded;
import bersaglio.core.charting.SetEvent.ValueTaken;
import bersaglio.core.charting.SharedEvent.Redone;
import bersaglio.core.charting.SharedEvent.Undone;
import bersaglio.core.court.Side;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Rally;
import bersaglio.core.goal.Standing;
import bersaglio.core.problem.Refused;
import bersaglio.core.rally.ChartedRally;
import bersaglio.core.rally.Contacts;
import bersaglio.core.rally.Ending;
import bersaglio.core.rally.PartnerMiss;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Rallies, contact by contact. */
class RallyChartTest {

    private final Tape tape = tape(new Rally(4, 2, 3));

    private static Tape tape(Goal goal) {
        Level level = new Level(1, Samples.TARGET, 0, goal, 3, OptionalDouble.empty(), new OneMetQuota());
        Drill drill = new Drill("any-v1", "any", 1, "Any", "", Freedom.FED, List.of(level));
        return Tape.of(drill, "r1", "nora", Hand.RIGHT, 1);
    }

    /** The player hits first, and then in turn. */
    private void contacts(int count) {
        for (int i = 0; i < count; i++) {
            tape.add(new ContactMade(i % 2 == 0 ? Role.PLAYER : Role.FEEDER));
        }
    }

    private void ends(Ending ending) {
        tape.add(new RallyEnded(ending));
    }

    @Test
    void theContactsOfARallyStandUntilItEndsAndAreItsLength() {
        contacts(5);
        assertThat(tape.replay().played().rallies().now())
                .containsExactly(Role.PLAYER, Role.FEEDER, Role.PLAYER, Role.FEEDER, Role.PLAYER);
        assertThat(tape.replay().attempt().trials()).isEmpty();
        ends(Ending.error(Role.PLAYER, Outcome.NET, Side.NONE));
        ChartedSet set = tape.replay();
        assertThat(set.played().rallies().now()).isEmpty();
        assertThat(set.played().rallies().over()).singleElement().satisfies(rally -> {
            assertThat(rally.contacts()).isEqualTo(5);
            assertThat(rally.own()).hasValue(3);
            assertThat(rally.ending().orElseThrow().isOwnError()).isTrue();
            assertThat(rally.isTyped()).isFalse();
        });
        assertThat(set.attempt().trials()).isEqualTo("1");
    }

    @Test
    void whoeverEndsItTheLengthCountsAndOnlyTheOwnErrorIsTheirs() {
        contacts(3);
        ends(Ending.error(Role.FEEDER, Outcome.LONG, Side.NONE));
        contacts(4);
        ends(Ending.PLANNED);
        contacts(2);
        ends(new Ending(Ending.How.WINNER, Optional.of(Role.PLAYER), Outcome.NOT_HIT, Side.NONE));
        ChartedSet set = tape.replay();
        assertThat(set.attempt().trials()).isEqualTo("010");
        assertThat(set.standing()).isEqualTo(Standing.OUT_OF_REACH);
        assertThat(set.played().rallies().over())
                .allSatisfy(rally ->
                        assertThat(rally.ending().orElseThrow().isOwnError()).isFalse());
        assertThat(set.volumes().get(0).balls()).as("half of nine contacts").isEqualTo(5);
    }

    @Test
    void theDrillSaysWhichContactsCount() {
        for (Contacts counts : Contacts.values()) {
            Tape one = tape(new Rally(4, 2, 3, counts, PartnerMiss.ENDS_IT));
            for (int i = 0; i < 7; i++) {
                one.add(new ContactMade(i % 2 == 0 ? Role.PLAYER : Role.FEEDER));
            }
            assertThat(one.replay().played().rallies().length())
                    .as("while it is on, by " + counts)
                    .isEqualTo(counts == Contacts.ALL ? 7 : counts == Contacts.OWN ? 4 : 6);
            one.add(new RallyEnded(Ending.PLANNED));
            double length = one.replay().played().count().progress().score();
            assertThat(one.replay().volumes().get(0).balls())
                    .as("balls hit, by " + counts)
                    .isEqualTo(4);
            assertThat(length).as(counts.name()).isEqualTo(counts == Contacts.ALL ? 7 : counts == Contacts.OWN ? 4 : 6);
        }
    }

    @Test
    void aPartnersMissEndsVoidsOrResumesByTheDrill() {
        Ending missed = Ending.error(Role.PARTNER, Outcome.NET, Side.NONE);
        for (PartnerMiss does : PartnerMiss.values()) {
            Tape one = tape(new Rally(5, 2, 3, Contacts.ALL, does));
            for (int rally = 0; rally < 2; rally++) {
                for (int i = 0; i < 3; i++) {
                    one.add(new ContactMade(i % 2 == 0 ? Role.PLAYER : Role.PARTNER));
                }
                assertThat(one.replay().played().rallies().length())
                        .isEqualTo(rally == 1 && does == PartnerMiss.RESUMES ? 6 : 3);
                one.add(new RallyEnded(rally == 0 ? missed : Ending.PLANNED));
            }
            ChartedSet set = one.replay();
            assertThat(set.attempt().trials())
                    .as(does.name())
                    .isEqualTo(does == PartnerMiss.ENDS_IT ? "00" : does == PartnerMiss.VOIDS_IT ? "0" : "1");
            assertThat(set.played().rallies().over())
                    .as("both are kept as they were")
                    .hasSize(2);
        }
    }

    @Test
    void takingTheEndBackPutsTheRallyOnAgainAndAContactCanBeTakenBack() {
        contacts(4);
        ends(Ending.PLANNED);
        String end = tape.idOf(tape.size() - 1);
        tape.add(new Undone(end));
        assertThat(tape.replay().played().rallies().now()).hasSize(4);
        assertThat(tape.replay().attempt().trials()).isEmpty();
        tape.add(new Redone(end));
        assertThat(tape.replay().played().rallies().over()).hasSize(1);
        contacts(2);
        tape.add(new Undone(tape.idOf(tape.size() - 1)));
        assertThat(tape.replay().played().rallies().now()).containsExactly(Role.PLAYER);
        assertThat(tape.replay().outline().nextUndo()).contains(tape.idOf(tape.size() - 3));
    }

    @Test
    void aLengthThatSomebodyTypedStaysKnownAsThatAndStandsForTheContactsThatWereCounted() {
        contacts(3);
        tape.add(new ValueTaken(6, 0));
        ChartedSet set = tape.replay();
        assertThat(set.played().rallies().now()).isEmpty();
        ChartedRally typed = set.played().rallies().over().get(0);
        assertThat(typed.isTyped()).isTrue();
        assertThat(typed.contacts()).isEqualTo(6);
        assertThat(typed.own()).isEmpty();
        assertThat(set.attempt().trials()).isEqualTo("1");
    }

    @Test
    void aNumberThatIsNoLengthIsNoRally() {
        Tape other = tape(new Quota(1, 3));
        other.add(new ValueTaken(6, 0));
        assertThat(other.replay().played().rallies().over()).isEmpty();
    }

    @Test
    void whatComesAfterTheSetIsClosedIsKeptAndChangesNothing() {
        contacts(4);
        ends(Ending.PLANNED);
        tape.close();
        contacts(3);
        ends(Ending.PLANNED);
        assertThat(tape.replay().played().rallies().over()).hasSize(1);
        assertThat(tape.replay().played().rallies().now()).isEmpty();
        assertThat(tape.replay().attempt().trials()).isEqualTo("1");
    }

    @ParameterizedTest
    @CsvSource({
        "ERROR, , NET, NONE, by",
        "PLANNED, PLAYER, NOT_HIT, NONE, by",
        "WINNER, PLAYER, NET, NONE, miss",
        "ERROR, PLAYER, HIT, NONE, miss",
        "ERROR, PLAYER, NOT_SEEN, NONE, miss",
        "ERROR, PLAYER, NET, LEFT, side",
        "STOPPED, , WIDE, LEFT, miss"
    })
    void anEndingThatCannotBeIsRefusedByItsField(Ending.How how, Role by, Outcome miss, Side side, String field) {
        assertThatThrownBy(() -> new Ending(how, Optional.ofNullable(by), miss, side))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.problem().field()).isEqualTo(field));
    }
}
