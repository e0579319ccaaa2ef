package bersaglio.server.tactics;

import bersaglio.core.tactic.ReadyTactics;
import bersaglio.core.tactic.TacticCheck;
import bersaglio.core.tactic.TacticRule;
import bersaglio.core.tactic.TacticWords;
import bersaglio.server.charting.Matches;
import bersaglio.server.storage.Shelf;
import bersaglio.wire.Fields;
import bersaglio.wire.format.TacticRuleFormat;
import bersaglio.wire.view.TacticCheckView;
import com.eclipsesource.json.JsonObject;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tactical rules over HTTP, and how a player kept them. */
@RestController
class TacticController {

    private static final int MOST_MATCHES = 20;
    private static final int MOST_BROKEN = 20;

    private final Shelf<TacticRule> tactics;
    private final Matches matches;

    TacticController(Shelf<TacticRule> tactics, Matches matches) {
        this.tactics = tactics;
        this.matches = matches;
    }

    /** Those that the club wrote, then those that are ready and that it did not change. */
    @GetMapping("/api/tactics")
    List<TacticRule> tactics() {
        List<TacticRule> all = new ArrayList<>(tactics.all());
        for (TacticRule ready : ReadyTactics.all()) {
            if (tactics.newest(ready.id()).isEmpty()) {
                all.add(ready);
            }
        }
        return all;
    }

    /**
     * Keeps a rule under an id that the page made. What differs from the newest version becomes the next one.
     *
     * @param basedOn the version that was changed, 0 for a new rule, and for a ready one
     */
    @PutMapping(path = "/api/tactics/{tactic}", consumes = MediaType.APPLICATION_JSON_VALUE)
    TacticRule keep(
            @PathVariable String tactic,
            @RequestParam int basedOn,
            @RequestBody(required = true, content = @Content(schema = @Schema(implementation = TacticRule.class)))
                    @org.springframework.web.bind.annotation.RequestBody
                    byte[] body) {
        JsonObject given = Fields.objectOf(new String(body, StandardCharsets.UTF_8));
        given.set("id", tactic).set("version", Math.max(1, basedOn));
        TacticRule rule = TacticRuleFormat.decode(Fields.of("", given));
        // Kept as it is written, so that it reads alike everywhere.
        String words = TacticWords.write(TacticWords.given(rule.words(), rule.sport()));
        return tactics.keep(
                new TacticRule(rule.id(), rule.version(), rule.name(), rule.sport(), words), OptionalInt.of(basedOn));
    }

    /** Takes a rule of the club's off the list. */
    @DeleteMapping("/api/tactics/{tactic}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String tactic) {
        tactics.remove(tactic);
    }

    /**
     * A rule in a player's matches.
     *
     * @param broken where it was not kept, the latest first, at most 20
     */
    record KeptTactic(TacticRule rule, TacticCheckView all, List<BrokenIn> broken) {}

    /** A rally that broke a rule, with its match. */
    record BrokenIn(UUID run, String rally, int shot) {}

    /** The rules of the sports that a player's latest 20 matches were of, where they spoke at all. */
    @GetMapping("/api/players/{player}/tactics")
    List<KeptTactic> kept(@PathVariable UUID player) {
        List<Matches.OfPlayer> latest = matches.latestOf(player, MOST_MATCHES);
        List<KeptTactic> kept = new ArrayList<>();
        for (TacticRule rule : tactics()) {
            TacticCheck all = new TacticCheck(0, 0, List.of());
            List<BrokenIn> broken = new ArrayList<>();
            for (Matches.OfPlayer one : latest) {
                if (one.match().sport() != rule.sport()) {
                    continue;
                }
                TacticCheck check = TacticCheck.of(
                        TacticWords.given(rule.words(), rule.sport()),
                        rule.sport(),
                        one.match().rallies(),
                        one.team());
                all = all.plus(check);
                UUID run = UUID.fromString(one.match().origin().run());
                check.broken().forEach(at -> broken.add(new BrokenIn(run, at.rally(), at.shot())));
            }
            if (all.occasions() > 0) {
                List<BrokenIn> last = broken.subList(0, Math.min(MOST_BROKEN, broken.size()));
                kept.add(new KeptTactic(rule, TacticCheckView.of(all.withoutPlaces()), last));
            }
        }
        return kept;
    }
}
