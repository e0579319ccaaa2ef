package bersaglio.server.places;

import bersaglio.core.court.Point;
import bersaglio.core.place.Place;
import bersaglio.core.problem.Refused;
import bersaglio.core.scatter.CharterCheck;
import bersaglio.server.storage.Shelf;
import bersaglio.wire.Fields;
import bersaglio.wire.format.PlaceFormat;
import bersaglio.wire.view.PlaceVersionView;
import com.eclipsesource.json.JsonObject;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The club's places over HTTP; they are listed with the club. */
@RestController
class PlaceController {

    private final Shelf<Place> places;

    PlaceController(Shelf<Place> places) {
        this.places = places;
    }

    /**
     * Keeps a place under an id that the page made. What differs from the newest version becomes the next one.
     *
     * @param basedOn the version that was changed, 0 for a new place
     */
    @PutMapping(path = "/api/places/{place}", consumes = MediaType.APPLICATION_JSON_VALUE)
    PlaceVersionView keep(
            @PathVariable String place,
            @RequestParam int basedOn,
            @RequestBody(required = true, content = @Content(schema = @Schema(implementation = Place.class)))
                    @org.springframework.web.bind.annotation.RequestBody
                    byte[] body) {
        JsonObject given = Fields.objectOf(new String(body, StandardCharsets.UTF_8));
        given.set("id", place).set("version", Math.max(1, basedOn));
        return PlaceVersionView.of(places.keep(PlaceFormat.decode(Fields.of("", given)), OptionalInt.of(basedOn)));
    }

    /** Takes a place off the list; what was charted there keeps it. */
    @DeleteMapping("/api/places/{place}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String place) {
        places.remove(place);
    }

    /** Known spots with where the charter touched them, at least {@value CharterCheck#FEWEST}. */
    record Check(@Nullable List<CheckTouch> tries) {}

    /** A spot that is known, and where it was touched, in metres. */
    record CheckTouch(@Nullable Point known, @Nullable Point touched) {}

    /** Measures the charter's own error there, and keeps it with the place. */
    @PostMapping("/api/places/{place}/check")
    PlaceVersionView check(
            @PathVariable String place, @org.springframework.web.bind.annotation.RequestBody Check check) {
        List<CheckTouch> given = check.tries() == null ? List.of() : check.tries();
        List<CharterCheck.Try> tries =
                given.stream().map(PlaceController::tried).toList();
        Place measured = places.known(place).chartedWithin(CharterCheck.sd(tries));
        return PlaceVersionView.of(places.keep(measured, OptionalInt.empty()));
    }

    private static CharterCheck.Try tried(@Nullable CheckTouch one) {
        if (one == null || one.known() == null || one.touched() == null) {
            throw new Refused("missing", "tries", "nothing", "a spot with where it was touched");
        }
        return new CharterCheck.Try(one.known(), one.touched());
    }
}
