package bersaglio.server.targets;

import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.TargetSet;
import bersaglio.server.storage.Shelf;
import bersaglio.wire.Fields;
import bersaglio.wire.format.TargetSetFormat;
import bersaglio.wire.view.LyingView;
import com.eclipsesource.json.JsonObject;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The club's targets over HTTP. */
@RestController
class TargetController {

    private final Shelf<TargetSet> targets;
    private final Drills drills;

    TargetController(Shelf<TargetSet> targets, Drills drills) {
        this.targets = targets;
        this.drills = drills;
    }

    /** A target as it is drawn, and the drills whose newest version uses it. */
    record KeptTarget(TargetSet target, LyingView lying, List<UseView> usedBy) {}

    /** A level of a drill. */
    record UseView(String drill, String name, int level) {}

    @GetMapping("/api/targets")
    List<KeptTarget> all() {
        return targets.all().stream().map(this::kept).toList();
    }

    /**
     * Keeps a target under an id that the page made. What differs from the newest version becomes the next one.
     *
     * @param basedOn the version that was changed, 0 for a new target
     */
    @PutMapping(path = "/api/targets/{target}", consumes = MediaType.APPLICATION_JSON_VALUE)
    KeptTarget keep(
            @PathVariable String target,
            @RequestParam int basedOn,
            @RequestBody(required = true, content = @Content(schema = @Schema(implementation = TargetSet.class)))
                    @org.springframework.web.bind.annotation.RequestBody
                    byte[] body) {
        JsonObject given = Fields.objectOf(new String(body, StandardCharsets.UTF_8));
        given.set("id", target).set("version", Math.max(1, basedOn));
        return kept(targets.keep(TargetSetFormat.decode(Fields.of("", given)), OptionalInt.of(basedOn)));
    }

    /** Takes a target off the shelf; drills that use it keep it. */
    @DeleteMapping("/api/targets/{target}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String target) {
        targets.remove(target);
    }

    private KeptTarget kept(TargetSet set) {
        List<UseView> uses = new ArrayList<>();
        for (Drill drill : drills.newest()) {
            drill.levels().stream()
                    .filter(level -> level.target().id().equals(set.id()))
                    .forEach(level -> uses.add(new UseView(drill.family(), drill.name(), level.number())));
        }
        return new KeptTarget(set, LyingView.of(set, 0, Conditions.AS_DRAWN), uses);
    }
}
