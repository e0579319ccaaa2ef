package bersaglio.server.exchange;

import bersaglio.core.place.Place;
import bersaglio.core.target.TargetSet;
import bersaglio.server.storage.Shelf;
import bersaglio.wire.Fields;
import bersaglio.wire.GeoJson;
import bersaglio.wire.view.PlaceVersionView;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import com.eclipsesource.json.WriterConfig;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import java.util.OptionalInt;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Targets and places out and in as GeoJSON, at most 1 MB. */
@RestController
class GeoJsonController {

    private static final MediaType GEO_JSON = MediaType.valueOf("application/geo+json");

    private final Shelf<TargetSet> targets;
    private final Shelf<Place> places;

    GeoJsonController(Shelf<TargetSet> targets, Shelf<Place> places) {
        this.targets = targets;
        this.places = places;
    }

    @GetMapping(path = "/api/exchange/targets/{target}", produces = "application/geo+json")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "object")))
    ResponseEntity<String> target(@PathVariable String target) {
        TargetSet set = targets.known(target);
        return file(set.name(), GeoJson.encode(set));
    }

    @GetMapping(path = "/api/exchange/places/{place}", produces = "application/geo+json")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "object")))
    ResponseEntity<String> place(@PathVariable String place) {
        Place found = places.known(place);
        return file(found.name(), GeoJson.encode(found));
    }

    /** Takes a target in; one that is on the shelf already is stored as its next version when it differs. */
    @PostMapping(path = "/api/exchange/targets", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    TargetSet takeTarget(
            @RequestBody(required = true, content = @Content(schema = @Schema(type = "object")))
                    @org.springframework.web.bind.annotation.RequestBody
                    byte[] body) {
        return targets.keep(GeoJson.decodeTarget(read(body)), OptionalInt.empty());
    }

    @PostMapping(path = "/api/exchange/places", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    PlaceVersionView takePlace(
            @RequestBody(required = true, content = @Content(schema = @Schema(type = "object")))
                    @org.springframework.web.bind.annotation.RequestBody
                    byte[] body) {
        return PlaceVersionView.of(places.keep(GeoJson.decodePlace(read(body)), OptionalInt.empty()));
    }

    private static JsonValue read(byte[] body) {
        return Fields.parse(new String(body, StandardCharsets.UTF_8));
    }

    private static ResponseEntity<String> file(String name, JsonObject json) {
        return Download.of(name + ".geojson", GEO_JSON, json.toString(WriterConfig.PRETTY_PRINT));
    }
}
