package bersaglio.browser;

import bersaglio.core.court.Point;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.Ruling;
import bersaglio.core.target.Conditions;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Umpire;
import bersaglio.wire.ConditionsCodec;
import bersaglio.wire.Fields;
import bersaglio.wire.format.ConditionsFormat;
import bersaglio.wire.format.LyingViewFormat;
import bersaglio.wire.format.ProblemFormat;
import bersaglio.wire.format.RulingFormat;
import bersaglio.wire.format.TargetSetFormat;
import bersaglio.wire.view.LyingView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.util.List;
import java.util.function.Supplier;

/** What the page asks of targets. */
final class Targets {

    private Targets() {}

    static String lying(String target, int ring, String conditions) {
        return answer(() -> {
            TargetSet set = TargetSetFormat.decode(Fields.read(target));
            Conditions given = ConditionsFormat.decode(Fields.of("conditions", Fields.parse(conditions)));
            set.requireLaid(given);
            LyingView lying = LyingView.of(set, ring, given);
            return Json.object().add("lying", LyingViewFormat.encode(lying)).add("rings", set.rings());
        });
    }

    static String preview(String target, int ring, String conditions, String places) {
        return answer(() -> {
            Conditions given = ConditionsFormat.decode(Fields.of("conditions", Fields.parse(conditions)));
            return preview(TargetSetFormat.decode(Fields.read(target)).umpire(ring, given), places);
        });
    }

    static String previewOn(Umpire umpire, String places) {
        return answer(() -> preview(umpire, places));
    }

    private static JsonObject preview(Umpire umpire, String places) {
        List<Point> touched = ConditionsCodec.places(Fields.parse(places));
        Ruling ruling = umpire.rule(touched);
        JsonObject json = Json.object()
                .add("ruling", RulingFormat.encode(ruling))
                .add("goesOn", umpire.goesOn(touched))
                .add("points", umpire.points(touched));
        umpire.toEdge(touched).ifPresent(metres -> json.add("toEdge", metres));
        umpire.fromAim(touched).ifPresent(metres -> json.add("fromAim", metres));
        return json;
    }

    static String answer(Supplier<JsonObject> work) {
        try {
            return work.get().toString();
        } catch (Refused refused) {
            return Json.object()
                    .add("problem", ProblemFormat.encode(refused.problem()))
                    .toString();
        }
    }
}
