package bersaglio.wire;

import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.AfterUnmet;
import bersaglio.core.drill.BallByBall;
import bersaglio.core.drill.CoachsCall;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.EvidenceAgainst;
import bersaglio.core.drill.Learners;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Retreat;
import bersaglio.core.drill.Sequential;
import bersaglio.core.drill.StayPut;
import bersaglio.core.problem.Refused;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;

/** What moves a player up and down, as JSON. */
final class MovesCodec {

    private MovesCodec() {}

    static JsonObject encode(AdvanceRule advance) {
        if (advance instanceof MetInLast window) {
            return rule("met_in_last")
                    .add("times", window.times())
                    .add("sets", window.sets())
                    .add("each", window.each().name());
        } else if (advance instanceof Evidence evidence) {
            return add(rule("evidence"), evidence);
        } else if (advance instanceof Sequential test) {
            return rule("sequential")
                    .add("notReady", test.notReady())
                    .add("ready", test.ready())
                    .add("wrongUp", test.wrongUp())
                    .add("wrongDown", test.wrongDown());
        }
        if (advance instanceof BallByBall each) {
            return rule("ball_by_ball")
                    .add("gap", each.gap())
                    .add("up", each.up())
                    .add("down", each.down());
        } else if (advance instanceof Learners learners) {
            return rule("learners").add("gap", learners.gap()).add("up", learners.up());
        }
        return rule(advance instanceof CoachsCall ? "coach" : "one_met");
    }

    static AdvanceRule advance(Fields advance) {
        String rule = advance.text("rule");
        return advance.at(() -> switch (rule) {
            case "one_met" -> new OneMetQuota();
            case "met_in_last" ->
                new MetInLast(
                        advance.count("times"),
                        advance.count("sets"),
                        advance.has("each") ? advance.oneOf("each", MetInLast.Each.values()) : MetInLast.Each.SET);
            case "evidence" -> evidence(advance);
            case "sequential" ->
                new Sequential(
                        advance.number("notReady"),
                        advance.number("ready"),
                        advance.number("wrongUp"),
                        advance.number("wrongDown"));
            case "ball_by_ball" -> new BallByBall(advance.number("gap"), advance.number("up"), advance.number("down"));
            case "learners" -> new Learners(advance.number("gap"), advance.number("up"));
            case "coach" -> new CoachsCall();
            default ->
                throw new Refused(
                        "not_allowed",
                        "rule",
                        rule,
                        "one_met, met_in_last, evidence, sequential, ball_by_ball, learners, coach");
        });
    }

    static JsonObject encode(Retreat retreat) {
        if (retreat instanceof AfterUnmet unmet) {
            return rule("after_unmet")
                    .add("sets", unmet.sets())
                    .add("to", unmet.to().name());
        } else if (retreat instanceof EvidenceAgainst against) {
            return add(rule("evidence"), against.rule());
        }
        return rule("stay");
    }

    static Retreat retreat(Fields retreat) {
        String rule = retreat.text("rule");
        return retreat.at(() -> switch (rule) {
            case "stay" -> new StayPut();
            case "after_unmet" -> new AfterUnmet(retreat.count("sets"), retreat.oneOf("to", AfterUnmet.Back.values()));
            case "evidence" -> new EvidenceAgainst(evidence(retreat));
            default -> throw new Refused("not_allowed", "rule", rule, "stay, after_unmet, evidence");
        });
    }

    private static Evidence evidence(Fields fields) {
        return new Evidence(fields.number("confidence"), fields.count("leastTrials"), fields.count("halfLife"));
    }

    private static JsonObject add(JsonObject json, Evidence evidence) {
        return json.add("confidence", evidence.confidence())
                .add("leastTrials", evidence.leastTrials())
                .add("halfLife", evidence.halfLife());
    }

    private static JsonObject rule(String name) {
        return Json.object().add("rule", name);
    }
}
