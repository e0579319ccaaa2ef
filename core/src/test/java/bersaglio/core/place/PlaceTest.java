package bersaglio.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.court.sport.Courts;
import bersaglio.core.measure.Lengths;
import bersaglio.core.measure.LocalMeasure;
import bersaglio.core.problem.Refused;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class PlaceTest {

    private static final LocalMeasure TILE = new LocalMeasure("tile", "tiles", 0.3);
    private static final LocalMeasure FOOT_OF_COACH = new LocalMeasure("shoe", "shoes", 0.29);

    @Test
    void aPlaceTellsLengthsByWhatIsAtHandThere() {
        Place hall = place("Hall court 2", TILE, FOOT_OF_COACH);
        assertThat(new Lengths(hall.measures()).parse("width", "2 tiles 1 shoe"))
                .isEqualTo(0.6 + 0.29);
    }

    @Test
    void theChartersErrorAsMeasuredMakesANewVersion() {
        Place checked = place("Hall court 2", TILE).chartedWithin(0.2);
        assertThat(checked.versionId()).isEqualTo("hall-2-2");
        assertThat(checked.charterSd()).hasValue(0.2);
        assertThatThrownBy(() -> place("Hall court 2", TILE).chartedWithin(3)).isInstanceOf(Refused.class);
    }

    @Test
    void aMeasureNamedTwiceOrAPlaceWithoutANameIsRefused() {
        assertRefused("measures.1.one", () -> place("Hall", TILE, new LocalMeasure("tile", "slabs", 0.5)));
        assertRefused("measures.1.one", () -> place("Hall", TILE, new LocalMeasure("slab", "tiles", 0.5)));
        assertRefused("name", () -> place(" "));
        assertThat(place("Hall", new LocalMeasure("pace", "pace", 0.8)).measures())
                .hasSize(1);
    }

    private static Place place(String name, LocalMeasure... measures) {
        return new Place("hall-2", 1, name, Courts.BADMINTON, List.of(measures), OptionalDouble.empty());
    }

    private static void assertRefused(String field, Runnable work) {
        assertThatThrownBy(work::run).isInstanceOfSatisfying(Refused.class, refused -> assertThat(
                        refused.problem().field())
                .isEqualTo(field));
    }
}
