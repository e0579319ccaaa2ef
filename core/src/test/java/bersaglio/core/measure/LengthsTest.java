package bersaglio.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bersaglio.core.problem.Refused;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthsTest {

    private static final LocalMeasure TILE = new LocalMeasure("tile", "tiles", 0.4);
    private static final LocalMeasure POLE = new LocalMeasure("pole", "poles", 1.25);
    private static final Lengths HALL = new Lengths(List.of(TILE, POLE));

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "1.2 m | 1.2",
                "1,2 m | 1.2",
                "45 cm | 0.45",
                "45cm | 0.45",
                "4 ft 6 in | 1.3716",
                "4'6\" | 1.3716",
                "1 m 20 cm | 1.2",
                "2 poles | 2.5",
                "1 Pole | 1.25",
                "2.5 tiles | 1.0",
                "2 1/2 tiles | 1.0",
                "1/2 m | 0.5",
                "6 feet | 1.8288",
                "12 inches | 0.3048"
            })
    void lengthsAreReadAsPeopleSayThem(String text, double metres) {
        assertThat(HALL.parse("width", text)).isCloseTo(metres, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "2 elbows | unknown_unit",
                "2 | bad_length",
                "m | bad_length",
                "`` | bad_length",
                "-2 m | bad_length",
                "1/0 m | bad_length",
                "1..2 m | bad_length",
                "0 m | out_of_range",
                "101 m | out_of_range",
                "99999999999999999999999 ft | out_of_range"
            })
    void whatIsNoLengthIsRefusedAtItsField(String text, String code) {
        assertThatThrownBy(() -> HALL.parse("width", text))
                .isInstanceOfSatisfying(Refused.class, refused -> assertThat(refused.problem())
                        .returns(code, problem -> problem.code())
                        .returns("width", problem -> problem.field()));
    }

    @Test
    void anUnknownUnitIsToldWhatIsKnownHere() {
        assertThatThrownBy(() -> HALL.parse("width", "3 paces"))
                .isInstanceOfSatisfying(
                        Refused.class,
                        refused -> assertThat(refused.problem().allowed()).isEqualTo("m, cm, ft, in, tiles, poles"));
    }

    @ParameterizedTest
    @CsvSource({
        "1.2, METRE, 1.20 m",
        "0.453, CENTIMETRE, 45 cm",
        "1.3716, FOOT, 4 ft 6 in",
        "1.8288, FOOT, 6 ft",
        "0.1, FOOT, 4 in",
        "0.3, INCH, 11.75 in"
    })
    void lengthsAreWrittenInTheUnitThatTheCoachLikes(double metres, Unit unit, String text) {
        assertThat(HALL.write(metres, unit)).isEqualTo(text);
    }

    @Test
    void localMeasuresAreWrittenToATenth() {
        assertThat(HALL.write(1.0, TILE)).isEqualTo("2.5 tiles");
        assertThat(HALL.write(0.41, TILE)).isEqualTo("1 tile");
        assertThat(HALL.write(2.5, POLE)).isEqualTo("2 poles");
    }

    @Test
    void aLocalMeasureMayNotTakeTheNameOfAUnit() {
        assertThatThrownBy(() -> new LocalMeasure("foot", "feets", 0.28)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new LocalMeasure("2nd", "seconds", 0.28)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new LocalMeasure("tile", "tiles", 0)).isInstanceOf(Refused.class);
    }

    @Property(tries = 200)
    void whatIsWrittenReadsBackAsNearAsItWasWritten(@ForAll @DoubleRange(min = 0.02, max = 99) double metres) {
        for (Unit unit : Unit.values()) {
            assertThat(HALL.parse("width", HALL.write(metres, unit)))
                    .isCloseTo(metres, within(unit.metres() < 0.1 || unit == Unit.METRE ? 0.0051 : 0.0033));
        }
        double shortest = Math.max(metres, 0.1);
        assertThat(HALL.parse("width", HALL.write(shortest, TILE))).isCloseTo(shortest, within(0.0201));
    }

    @Property(tries = 200)
    void feetAndInchesAddUp(@ForAll @IntRange(min = 1, max = 300) int feet, @ForAll @IntRange(max = 11) int inches) {
        assertThat(HALL.parse("width", feet + " ft " + inches + " in"))
                .isCloseTo(feet * 0.3048 + inches * 0.0254, within(1e-9));
    }

    @Property(tries = 200)
    void noTextDoesWorseThanBeingRefused(@ForAll @StringLength(max = 70) String text) {
        try {
            assertThat(HALL.parse("width", text)).isBetween(0.0, 100.0);
        } catch (Refused refused) {
            assertThat(refused.problem().field()).isEqualTo("width");
        }
    }
}
