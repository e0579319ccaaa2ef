package bersaglio.server.exchange;

import bersaglio.core.drill.Drill;
import bersaglio.core.problem.Refused;
import bersaglio.server.drills.DrillKeeper;
import bersaglio.wire.DrillFile;
import bersaglio.wire.Fields;
import bersaglio.wire.view.DrillView;
import com.eclipsesource.json.WriterConfig;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.OptionalInt;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Drills out and in as JSON, by a published schema, at most 1 MB. */
@RestController
class DrillFileController {

    private final DrillKeeper drills;

    DrillFileController(DrillKeeper drills) {
        this.drills = drills;
    }

    @GetMapping(path = "/api/exchange/drills/{drill}", produces = MediaType.APPLICATION_JSON_VALUE)
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "object")))
    ResponseEntity<String> drill(@PathVariable String drill) {
        Drill found = drills.known(drill);
        return Download.of(
                found.name() + ".json",
                MediaType.APPLICATION_JSON,
                DrillFile.encode(found).toString(WriterConfig.PRETTY_PRINT));
    }

    /** Takes a drill in; one that the club has already is stored as its next version when it differs. */
    @PostMapping(path = "/api/exchange/drills", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    DrillView take(
            @RequestBody(required = true, content = @Content(schema = @Schema(type = "object")))
                    @org.springframework.web.bind.annotation.RequestBody
                    byte[] body) {
        Drill drill = DrillFile.decode(Fields.parse(new String(body, StandardCharsets.UTF_8)));
        return DrillView.of(drills.keep(drill.family(), drill, OptionalInt.empty()));
    }

    /** The schema of these files, JSON Schema 2020-12. */
    @GetMapping(path = "/api/exchange/schema/drill-{number}", produces = "application/schema+json")
    @ApiResponse(responseCode = "200", content = @Content(schema = @Schema(type = "object")))
    String schema(@PathVariable int number) throws IOException {
        if (number != DrillFile.SCHEMA) {
            throw new Refused("unknown_id", "schema", "drill-" + number, "drill-" + DrillFile.SCHEMA);
        }
        return new ClassPathResource("schema/drill-1.json").getContentAsString(StandardCharsets.UTF_8);
    }
}
