package bersaglio.server.drills;

import bersaglio.core.drill.Drill;
import bersaglio.core.goal.Goal;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.TargetSet;
import bersaglio.server.storage.Shelf;
import bersaglio.wire.DrillCodec;
import bersaglio.wire.Fields;
import bersaglio.wire.format.GoalFormat;
import bersaglio.wire.view.DrillView;
import com.eclipsesource.json.JsonObject;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.nio.charset.StandardCharsets;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Drills over HTTP: each change makes a new version, and results stay with the one they were charted on. */
@RestController
class DrillController {

    private final DrillKeeper drills;
    private final Shelf<TargetSet> targets;

    DrillController(DrillKeeper drills, Shelf<TargetSet> targets) {
        this.drills = drills;
        this.targets = targets;
    }

    /**
     * Stores a drill, a new one or a changed one; sent again unchanged, nothing more is stored.
     *
     * @param basedOn the version that was changed, 0 for a new drill
     */
    @PutMapping(path = "/api/drills/{family}", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    DrillView keep(
            @PathVariable String family,
            @RequestParam int basedOn,
            @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            required = true,
                            content = @Content(schema = @Schema(implementation = Drill.class)))
                    @RequestBody
                    byte[] body) {
        Check.requireId("family", family);
        Check.requireAtLeast("basedOn", basedOn, 0);
        JsonObject given = Fields.objectOf(new String(body, StandardCharsets.UTF_8));
        given.set("id", family + "-1").set("family", family).set("version", 1);
        return DrillView.of(drills.keep(family, DrillCodec.decode(given), OptionalInt.of(basedOn)));
    }

    /** Which target a level is to have, and which of its rings counts, from 1 for the innermost; 0 for the outermost. */
    record LevelTarget(@Nullable String target, @Nullable Integer ring) {}

    /** Gives a level of the newest version of a drill another target; the same target again changes nothing. */
    @PostMapping("/api/drills/{family}/levels/{level}/target")
    @ResponseStatus(HttpStatus.CREATED)
    DrillView aim(@PathVariable String family, @PathVariable int level, @RequestBody LevelTarget asked) {
        String id = asked.target() == null ? "" : asked.target();
        TargetSet target =
                targets.newest(id).orElseThrow(() -> new Refused("unknown_id", "target", id, "a target of this club"));
        int ring = asked.ring() == null ? 0 : asked.ring();
        return DrillView.of(drills.change(
                family,
                newest -> newest.level(level).target().equals(target)
                                && newest.level(level).ring() == ring
                        ? newest
                        : newest.aimingAt(level, target, ring)));
    }

    /** Gives a level of the newest version of a drill another goal; the same goal again changes nothing. */
    @PostMapping(path = "/api/drills/{family}/levels/{level}/goal", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    DrillView ask(
            @PathVariable String family,
            @PathVariable int level,
            @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            required = true,
                            content = @Content(schema = @Schema(implementation = Goal.class)))
                    @RequestBody
                    byte[] body) {
        Goal goal = goal(body);
        return DrillView.of(drills.change(
                family, newest -> newest.level(level).goal().equals(goal) ? newest : newest.asking(level, goal)));
    }

    /** By how much, 0.1 to 10. */
    record LevelScale(@Nullable Double scale) {}

    /** Makes the target of a level of the newest version larger or smaller, about the middle of each zone. */
    @PostMapping(path = "/api/drills/{family}/levels/{level}/size", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    DrillView size(@PathVariable String family, @PathVariable int level, @RequestBody LevelScale asked) {
        double scale = asked.scale() == null ? 0 : asked.scale();
        Check.requireBetween("scale", scale, 0.1, 10);
        return DrillView.of(drills.change(family, newest -> newest.sizing(level, scale)));
    }

    private static Goal goal(byte[] body) {
        return GoalFormat.decode(Fields.read(new String(body, StandardCharsets.UTF_8)));
    }
}
