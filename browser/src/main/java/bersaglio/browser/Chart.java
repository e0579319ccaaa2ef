package bersaglio.browser;

import bersaglio.core.charting.ChartedSet;
import bersaglio.core.charting.Deciding;
import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.LiveSet;
import bersaglio.core.charting.Prompting;
import bersaglio.core.charting.Said;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.Verdict;
import bersaglio.wire.Fields;
import bersaglio.wire.ResultCodec;
import bersaglio.wire.format.AdviceViewFormat;
import bersaglio.wire.format.LyingViewFormat;
import bersaglio.wire.format.PassReportViewFormat;
import bersaglio.wire.format.SaidFormat;
import bersaglio.wire.format.SetLineFormat;
import bersaglio.wire.format.SetViewFormat;
import bersaglio.wire.format.VerdictViewFormat;
import bersaglio.wire.view.AdviceView;
import bersaglio.wire.view.LyingView;
import bersaglio.wire.view.PassReportView;
import bersaglio.wire.view.SetLine;
import bersaglio.wire.view.SetView;
import bersaglio.wire.view.VerdictView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSExport;

/** The chart of one set in the page, judged after every event. */
public final class Chart {

    private final Drill drill;
    private final Ledger ledger;
    private final Tape tape = new Tape();
    private final LiveSet live;
    private Optional<ChartedSet> set = Optional.empty();
    /** What came before this set stays as it is while it runs on one rung. */
    private @Nullable Deciding deciding;

    private String decidingOn = "";

    Chart(Drill drill, List<SetResult> history) {
        this.drill = drill;
        this.ledger = new Ledger(drill, history, 1, Calendar.days());
        this.live = new LiveSet(id -> id.equals(drill.id()) ? Optional.of(drill) : Optional.empty());
    }

    /**
     * Adds one event, or a list of them, and judges the set again.
     *
     * @return the {@code set}, its shots only from the first that changed, whose place is {@code fromShot}; or, with
     *     nothing added, the {@code problem}
     */
    @JSExport
    public String append(String json) {
        return tape.append(json, what -> set.ifPresent(charted -> charted.requireRoomFor(what)), all -> {
            ChartedSet now = live.after(all);
            int from = now.firstShotChangedSince(
                    set.map(last -> last.played().shots()).orElse(List.of()));
            set = Optional.of(now);
            return Json.object().add("fromShot", from).add("set", SetViewFormat.encode(SetView.of(now, from)));
        });
    }

    /** The set as it stands. */
    @JSExport
    public String set() {
        return SetViewFormat.encode(SetView.of(charted())).toString();
    }

    /** How its target lies for who hits, with the opponents where they stand. */
    @JSExport
    public String lying() {
        ChartedSet now = charted();
        Level level = now.task().asked();
        return LyingViewFormat.encode(
                        LyingView.of(level.target(), level.ring(), now.task().conditions()))
                .toString();
    }

    /** See {@link Face#preview}; on the target as it lies in this set. */
    @JSExport
    public String preview(String places) {
        ChartedSet now = charted();
        Level level = now.task().asked();
        return Targets.previewOn(level.umpire(now.task().conditions()), places);
    }

    /**
     * The chance to meet the goal from here, at the rate of the trials at this level so far and the rate they give;
     * empty text when there are too few.
     */
    @JSExport
    public String fromHere() {
        return ledger.fromHere(charted())
                .map(here -> Json.object()
                        .add("chance", here.chance())
                        .add("rate", here.rate())
                        .add("trials", here.trials())
                        .toString())
                .orElse("");
    }

    /** What the set has decided already, as an advice; empty text while it is open. */
    @JSExport
    public String decided() {
        ChartedSet now = charted();
        if (!now.task().asked().advance().looksAtEachBall() || !now.isAccepted()) {
            return "";
        }
        SetResult line = now.asResult();
        String where = line.rung().level() + " " + line.rung().track() + " "
                + line.rung().laid();
        Deciding known = deciding;
        if (known == null || !where.equals(decidingOn)) {
            known = ledger.deciding(line);
            deciding = known;
            decidingOn = where;
        }
        return known.after(line.attempt())
                .map(advice -> AdviceViewFormat.encode(AdviceView.of(advice)).toString())
                .orElse("");
    }

    /** Milliseconds from the player's last shot to the call of the next, which is wanted so many before it. */
    @JSExport
    public int callAfter(int ahead) {
        return (int) Prompting.callAfter(charted(), ahead);
    }

    /** Where the passes of the set break so far; empty text where no pattern is played. */
    @JSExport
    public String passReport() {
        ChartedSet now = charted();
        return now.task()
                .asked()
                .dials()
                .pattern()
                .map(pattern -> PassReportViewFormat.encode(
                                PassReportView.of(now.played().passes().report(), pattern))
                        .toString())
                .orElse("");
    }

    /** See {@link Ledger#prepare}: the set is judged sooner when it closes. */
    @JSExport
    public void prepare(int level, String track) {
        ledger.prepare(level, track);
    }

    /** The {@code verdict} on the set, where there is a trial to judge, and what is to be {@code said} when it closes now. */
    @JSExport
    public String judged() {
        Optional<Verdict> verdict = ledger.verdictOn(charted().asResult());
        JsonObject answer = Json.object();
        verdict.ifPresent(given -> answer.add("verdict", VerdictViewFormat.encode(VerdictView.of(given))));
        return answer.add("said", SaidFormat.encode(Said.of(verdict))).toString();
    }

    /** The set as a line of the player's ledger. */
    @JSExport
    public String line() {
        return SetLineFormat.encode(SetLine.of(charted().asResult())).toString();
    }

    private ChartedSet charted() {
        return set.orElseGet(() -> live.after(tape.events()));
    }

    static List<SetResult> lines(String json) {
        List<SetResult> lines = new ArrayList<>();
        for (Fields line :
                Fields.of("", Json.object().add("sets", Fields.parse(json))).objects("sets")) {
            lines.add(ResultCodec.decodeLine(line));
        }
        return lines;
    }
}
