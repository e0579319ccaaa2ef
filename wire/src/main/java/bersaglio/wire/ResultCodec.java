package bersaglio.wire;

import bersaglio.core.charting.Closing;
import bersaglio.core.charting.Rhythm;
import bersaglio.core.charting.Rung;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetDetails;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Advice;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.wire.format.LevelMoveFormat;
import bersaglio.wire.format.SetDetailsViewFormat;
import bersaglio.wire.view.SetDetailsView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** Results as a page hands them back. */
public final class ResultCodec {

    /** Of a set that leaves nothing behind. */
    private static final JsonObject USUAL = SetDetailsViewFormat.encode(SetDetailsView.of(SetDetails.NONE));

    private ResultCodec() {}

    /** Without what is usual: there are as many of these as sets. */
    public static JsonObject briefly(SetDetails details) {
        JsonObject brief = Json.object();
        SetDetailsViewFormat.encode(SetDetailsView.of(details)).forEach(member -> {
            if (!member.getValue().equals(USUAL.get(member.getName()))) {
                brief.add(member.getName(), member.getValue());
            }
        });
        return brief;
    }

    public static SetDetails details(Fields details) {
        return new SetDetails(
                details.has("brokeAt") ? details.counts("brokeAt") : List.of(),
                details.has("called") ? OptionalInt.of(details.count("called")) : OptionalInt.empty(),
                details.has("partners") ? details.texts("partners") : List.of(),
                details.has("enteredLater") && details.flag("enteredLater"),
                details.has("moved") && details.flag("moved"),
                details.has("corrected") ? details.count("corrected") : 0,
                details.has("gaps")
                        ? new Rhythm(details.count("gaps"), details.has("gapMillis") ? details.whole("gapMillis") : 0)
                        : Rhythm.NONE);
    }

    public static SetResult decodeLine(Fields line) {
        return new SetResult(
                line.text("run"),
                line.text("player"),
                new Rung(line.text("drill"), line.count("level"), line.text("track"), line.text("laid")),
                line.whole("heldAt"),
                new Attempt(
                        line.longText("trials"),
                        line.oneOf("standing", Standing.values()),
                        line.number("score"),
                        line.whole("heldAt")),
                line.flag("accepted"),
                line.count("notSeen"),
                line.flag("struck"),
                new Closing(
                        line.flag("closed"),
                        line.has("said")
                                ? Optional.of(said(line.object("said"), line.count("rules")))
                                : Optional.empty(),
                        line.has("move") ? Optional.of(LevelMoveFormat.decode(line.object("move"))) : Optional.empty()),
                line.has("details") ? details(line.object("details")) : SetDetails.NONE);
    }

    /** In a line, the number of the rules stands beside what they said. */
    private static Said said(Fields said, int rules) {
        return new Said(
                said.oneOf("call", Advice.Call.values()),
                said.text("code"),
                FiguresFormat.decode(said.object("figures")),
                rules);
    }
}
