package bersaglio.wire.view;

import bersaglio.core.court.OwnCourt;
import bersaglio.core.measure.LocalMeasure;
import bersaglio.core.place.Place;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A version of a place where a club plays.
 *
 * @param versionId what a set that was charted there names
 * @param court     of a sport, by its name, or the name of {@code ownCourt}
 * @param charterSd the charter's own error there, as measured, in metres on each axis
 */
public record PlaceVersionView(
        String id,
        int version,
        String versionId,
        String name,
        String court,
        @Nullable OwnCourt ownCourt,
        List<LocalMeasure> measures,
        @Nullable Double charterSd) {

    public static PlaceVersionView of(Place place) {
        return new PlaceVersionView(
                place.id(),
                place.version(),
                place.versionId(),
                place.name(),
                place.court().id(),
                place.court().measured().orElse(null),
                place.measures(),
                place.charterSd().isPresent() ? place.charterSd().getAsDouble() : null);
    }
}
