package bersaglio.wire;

import bersaglio.core.charting.Rhythm;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetResult;
import bersaglio.core.charting.Trace;
import bersaglio.core.drill.Advice;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Standing;
import bersaglio.wire.format.LevelMoveFormat;
import java.util.Optional;
import java.util.OptionalInt;

/** Results as a page hands them back. */
public final class ResultCodec {

    private ResultCodec() {}

    private static Trace trace(Fields trace) {
        return new Trace(
                trace.counts("brokeAt"),
                trace.has("called") ? OptionalInt.of(trace.count("called")) : OptionalInt.empty(),
                trace.texts("partners"),
                trace.flag("enteredLater"),
                trace.flag("moved"),
                trace.count("corrected"),
                trace.has("gaps") ? new Rhythm(trace.count("gaps"), trace.whole("gapMillis")) : Rhythm.NONE);
    }

    public static SetResult decodeLine(Fields line) {
        return new SetResult(
                line.text("run"),
                line.text("player"),
                line.text("drill"),
                line.count("level"),
                line.text("track"),
                line.text("laid"),
                line.whole("heldAt"),
                new Attempt(
                        line.longText("trials"),
                        line.oneOf("standing", Standing.values()),
                        line.number("score"),
                        line.whole("heldAt")),
                line.flag("accepted"),
                line.count("notSeen"),
                line.flag("closed"),
                line.flag("struck"),
                line.has("said") ? Optional.of(said(line.object("said"), line.count("rules"))) : Optional.empty(),
                line.has("move") ? Optional.of(LevelMoveFormat.decode(line.object("move"))) : Optional.empty(),
                line.has("trace") ? trace(line.object("trace")) : Trace.NONE);
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
