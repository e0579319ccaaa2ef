package bersaglio.browser;

import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.Rules;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Drill;
import bersaglio.core.goal.BestToBeat;
import bersaglio.wire.DrillCodec;
import bersaglio.wire.Fields;
import bersaglio.wire.ResultCodec;
import bersaglio.wire.view.SetLine;
import bersaglio.wire.view.VerdictView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import java.util.ArrayList;
import java.util.List;
import org.teavm.jso.JSExport;

/** What the page may ask of the rules. Structured values cross as JSON, in the shapes of the HTTP contract. */
public final class Face {

    private Face() {}

    public static void main(String[] args) {
        // The compiler wants an entry point; the page calls the exported methods.
    }

    /** The number of the rules, as the server has it. */
    @JSExport
    public static int rulesNumber() {
        return Rules.NUMBER;
    }

    /**
     * Starts the chart of one set.
     *
     * @param drill   a drill version
     * @param history the player's other sets on it, a list of set lines
     */
    @JSExport
    public static Chart chart(String drill, String history) {
        Drill version = DrillCodec.decode(Fields.parse(drill));
        return new Chart(version, lines(history));
    }

    /**
     * Where a player stands on a drill, with sets that only this device knows laid over those of the server.
     *
     * @param track wing, hand or side, where the drill keeps them apart
     * @param start the rung on which the player came to this version of the drill
     * @return a standing: the level, the lines so taken together, and where there are such the verdict now, and the best
     *     that is to be beaten
     */
    @JSExport
    public static String standing(String drill, String history, String own, String player, String track, int start) {
        Drill version = DrillCodec.decode(Fields.parse(drill));
        Ledger all = new Ledger(version, lines(history), start).overlaidWith(lines(own), player);
        Ledger ledger = all.on(track);
        JsonArray sets = new JsonArray();
        for (SetResult set : all.sets()) {
            sets.add(ResultCodec.encode(SetLine.of(set)));
        }
        JsonObject standing = Json.object().add("level", ledger.level()).add("sets", sets);
        ledger.verdictNow().ifPresent(verdict -> standing.add("verdict", ResultCodec.encode(VerdictView.of(verdict))));
        if (version.level(ledger.level()).goal() instanceof BestToBeat) {
            ledger.best(ledger.level(), "").ifPresent(best -> standing.add("best", best));
        }
        return standing.toString();
    }

    /**
     * How a target lies.
     *
     * @param conditions hands, side, and where given the stance and what was laid
     * @return the {@code lying} and how many {@code rings} there are, or the {@code problem}
     */
    @JSExport
    public static String lying(String target, int ring, String conditions) {
        return Targets.lying(target, ring, conditions);
    }

    /**
     * What a ball would be that came to these places, in order.
     *
     * @return the {@code ruling}, whether it {@code goesOn} to a further place, its {@code points}, metres {@code toEdge}
     *     and {@code fromAim} where there are such; or the {@code problem}
     */
    @JSExport
    public static String preview(String target, int ring, String conditions, String places) {
        return Targets.preview(target, ring, conditions, places);
    }

    private static List<SetResult> lines(String json) {
        List<SetResult> lines = new ArrayList<>();
        for (Fields line :
                Fields.of("", Json.object().add("sets", Fields.parse(json))).objects("sets")) {
            lines.add(ResultCodec.decodeLine(line));
        }
        return lines;
    }
}
