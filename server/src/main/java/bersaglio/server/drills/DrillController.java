package bersaglio.server.drills;

import bersaglio.core.drill.Drill;
import bersaglio.core.goal.Goal;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.TargetSet;
import bersaglio.server.storage.Disc;
import bersaglio.server.storage.Shelf;
import bersaglio.wire.Fields;
import bersaglio.wire.GoalCodec;
import bersaglio.wire.view.DrillView;
import bersaglio.wire.view.GoalView;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.nio.charset.StandardCharsets;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Changes to drills over HTTP: each makes a new version, and results stay with the one they were charted on. */
@RestController
class DrillController {

    private final DrillStore drills;
    private final Shelf<TargetSet> targets;
    private final Disc disc;
    private final TransactionTemplate transaction;

    DrillController(DrillStore drills, Shelf<TargetSet> targets, Disc disc, TransactionTemplate transaction) {
        this.drills = drills;
        this.targets = targets;
        this.disc = disc;
        this.transaction = transaction;
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
        return changed(
                family,
                newest -> newest.level(level).target().equals(target)
                                && newest.level(level).ring() == ring
                        ? newest
                        : newest.aimingAt(level, target, ring));
    }

    /** Gives a level of the newest version of a drill another goal; the same goal again changes nothing. */
    @PostMapping(path = "/api/drills/{family}/levels/{level}/goal", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    DrillView ask(
            @PathVariable String family,
            @PathVariable int level,
            @io.swagger.v3.oas.annotations.parameters.RequestBody(
                            required = true,
                            content = @Content(schema = @Schema(implementation = GoalView.class)))
                    @RequestBody
                    byte[] body) {
        Goal goal = GoalCodec.decode(Fields.of("", Fields.parse(new String(body, StandardCharsets.UTF_8))));
        return changed(family, newest -> newest.level(level).goal().equals(goal) ? newest : newest.asking(level, goal));
    }

    private DrillView changed(String family, UnaryOperator<Drill> change) {
        try {
            Drill changed = transaction.execute(status -> stored(family, change));
            disc.force();
            return DrillView.of(changed);
        } catch (DuplicateKeyException raced) {
            throw new Refused("changed_meanwhile", "family", family, "the drill as it is now");
        }
    }

    private Drill stored(String family, UnaryOperator<Drill> change) {
        Drill newest = drills.newest().stream()
                .filter(drill -> drill.family().equals(family))
                .findFirst()
                .orElseThrow(() -> new Refused("unknown_id", "drill", family, "a drill of this club"));
        Drill next = change.apply(newest);
        if (next != newest) {
            drills.add(next);
        }
        return next;
    }
}
