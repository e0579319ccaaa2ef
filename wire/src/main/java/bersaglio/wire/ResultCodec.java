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
import java.util.Optional;
import java.util.OptionalInt;

/** Results as a page hands them back. */
public final class ResultCodec {

    private ResultCodec() {}

    public static SetDetails details(Fields details) {
        return new SetDetails(
                details.counts("brokeAt"),
                details.has("called") ? OptionalInt.of(details.count("called")) : OptionalInt.empty(),
                details.texts("partners"),
                details.flag("enteredLater"),
                details.flag("moved"),
                details.count("corrected"),
                details.has("gaps") ? new Rhythm(details.count("gaps"), details.whole("gapMillis")) : Rhythm.NONE);
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
