package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.charting.RallyReport.Errors;
import bersaglio.core.court.Side;
import bersaglio.core.odds.ProductLimit;
import bersaglio.core.problem.Refused;
import bersaglio.core.rally.ChartedRally;
import bersaglio.core.rally.Contacts;
import bersaglio.core.rally.Ending;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.Test;

class RallyReportTest {

    private static final Ending OWN_ERROR = Ending.error(Role.PLAYER, Outcome.NET, Side.NONE);
    private static final Ending PARTNERS = Ending.error(Role.PARTNER, Outcome.LONG, Side.NONE);

    private static ChartedRally rally(int own, Ending ending) {
        return new ChartedRally(2 * own, OptionalInt.of(own), Optional.of(ending), 0);
    }

    private static ChartedRally typed(double length) {
        return new ChartedRally(length, OptionalInt.empty(), Optional.empty(), 0);
    }

    private static RallyReport report(List<ChartedRally> rallies) {
        return report(rallies, Contacts.ALL, Contacts.ALL);
    }

    private static RallyReport report(List<ChartedRally> rallies, Contacts given, Contacts counts) {
        List<HeldRally> held = new ArrayList<>();
        for (ChartedRally rally : rallies) {
            held.add(new HeldRally(rally, 1000L * (held.size() + 1), ""));
        }
        return RallyReport.of(held, given, counts);
    }

    /** Charted rallies are told by any contacts; of a length that was given only the serve can be put to it or left away. */
    @Test
    void lengthsAreTurnedIntoOthersWhereTheDataAllow() {
        List<ChartedRally> rallies = List.of(rally(4, OWN_ERROR), typed(12), rally(7, Ending.PLANNED));
        assertThat(report(rallies, Contacts.ALL, Contacts.ALL).lengths())
                .extracting(RallyReport.Length::length)
                .containsExactly(8.0, 12.0, 14.0);
        assertThat(report(rallies, Contacts.ALL, Contacts.AFTER_THE_SERVE).lengths())
                .extracting(RallyReport.Length::length)
                .containsExactly(7.0, 11.0, 13.0);
        assertThat(report(rallies, Contacts.AFTER_THE_SERVE, Contacts.ALL).lengths())
                .extracting(RallyReport.Length::length)
                .containsExactly(8.0, 13.0, 14.0);
        RallyReport own = report(rallies, Contacts.ALL, Contacts.OWN);
        assertThat(own.lengths()).extracting(RallyReport.Length::length).containsExactly(4.0, 7.0);
        assertThat(own.leftOut()).isEqualTo(1);
        RallyReport typedAsOwn = report(rallies, Contacts.OWN, Contacts.ALL);
        assertThat(typedAsOwn.lengths()).hasSize(2);
        assertThat(report(rallies, Contacts.OWN, Contacts.OWN).lengths()).hasSize(3);
    }

    @Test
    void theBestIsTheFirstOfTheLongestWithItsDay() {
        RallyReport report = report(List.of(rally(4, OWN_ERROR), rally(9, OWN_ERROR), rally(9, PARTNERS)));
        assertThat(report.best()).hasValue(new RallyReport.Length(18, 2000, ""));
    }

    @Test
    void bandsAreThoseThatTheCoachChooses() {
        RallyReport report = report(List.of(typed(3), typed(6), typed(11), typed(12), typed(40)));
        assertThat(report.inBands(List.of(6, 12))).containsExactly(1, 2, 2);
        assertThat(report.inBands(List.of())).containsExactly(5);
        assertThatThrownBy(() -> report.inBands(List.of(6, 6)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("bands.1");
    }

    @Test
    void theTargetIsToldAsALength() {
        RallyReport own = new RallyReport(Contacts.OWN, List.of(), 0, nothing(), new Errors(4, 34), new Errors(4, 34));
        assertThat(own.target(0.5)).isEqualTo(5);
        assertThat(own.targetLength(0.5)).isEqualTo(3);
    }

    @Test
    void ownErrorsAreEventsAndAllElseIsLeftOpen() {
        RallyReport report = report(List.of(
                rally(4, OWN_ERROR),
                rally(6, PARTNERS),
                rally(2, OWN_ERROR),
                rally(9, OWN_ERROR),
                rally(6, OWN_ERROR),
                rally(3, Ending.PLANNED)));
        assertThat(report.survival().survives(5)).isCloseTo(0.6250, within(5e-5));
        assertThat(report.own()).isEqualTo(new Errors(4, 34));
        assertThat(report.own().rate()).isCloseTo(0.1176, within(5e-5));
        assertThat(report.others()).isEqualTo(new Errors(1, 31));
        assertThat(report.best().orElseThrow().length()).isEqualTo(18);
        assertThat(report.median()).hasValue(8);
    }

    @Test
    void theNextSensibleTargetIsTheLongestThatComesHalfTheTime() {
        RallyReport alike =
                new RallyReport(Contacts.ALL, List.of(), 0, nothing(), new Errors(4, 34), new Errors(4, 34));
        assertThat(alike.target(0.5)).isEqualTo(5);
        assertThat(alike.chanceOf(5)).isCloseTo(Math.pow(30.0 / 34, 5), within(1e-12));
        RallyReport better =
                new RallyReport(Contacts.ALL, List.of(), 0, nothing(), new Errors(4, 34), new Errors(0, 34));
        assertThat(better.others().rate()).as("none seen is not none").isCloseTo(0.5 / 35, within(1e-12));
        assertThat(better.target(0.5))
                .as("(30/34)^5 (34.5/35)^4 is .505, with a fifth .498")
                .isEqualTo(9);
        assertThat(better.target(0.9)).isZero();
    }

    private static ProductLimit nothing() {
        return ProductLimit.of(List.of());
    }

    @Test
    void aTypedLengthSaysNothingOfWhoErred() {
        RallyReport report = report(List.of(typed(12)));
        assertThat(report.best().orElseThrow().length()).isEqualTo(12);
        assertThat(report.own().tried()).isZero();
        assertThat(report.survival().steps()).isEmpty();
        assertThat(report(List.of()).best()).isEmpty();
    }

    @Test
    void simulatedPairsReachTheTargetAboutHalfTheTime() {
        Random random = new Random(4);
        List<ChartedRally> seen = new ArrayList<>();
        for (int i = 0; i < 3000; i++) {
            seen.add(played(random));
        }
        RallyReport report = report(seen);
        assertThat(report.own().rate()).isCloseTo(0.08, within(0.01));
        assertThat(report.others().rate()).isCloseTo(0.15, within(0.01));
        int target = report.target(0.5);
        long reached = seen.stream().filter(rally -> rally.contacts() >= target).count();
        long oneMore =
                seen.stream().filter(rally -> rally.contacts() >= target + 1).count();
        assertThat(reached / 3000.0).isBetween(0.47, 0.62);
        assertThat(oneMore / 3000.0).isLessThan(0.52);
    }

    private static ChartedRally played(Random random) {
        int contacts = 0;
        while (random.nextDouble() >= (contacts % 2 == 0 ? 0.08 : 0.15)) {
            contacts++;
        }
        Ending ending = contacts % 2 == 0 ? OWN_ERROR : PARTNERS;
        return new ChartedRally(contacts, OptionalInt.of((contacts + 1) / 2), Optional.of(ending), 0);
    }
}
