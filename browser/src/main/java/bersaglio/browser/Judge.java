package bersaglio.browser;

import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.SetResult;
import bersaglio.wire.Fields;
import bersaglio.wire.ResultCodec;
import bersaglio.wire.format.SaidFormat;
import bersaglio.wire.format.VerdictViewFormat;
import bersaglio.wire.view.VerdictView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;

/** What a set says, for the page: asked at its end or on a touch, and so apart from what answers every shot. */
final class Judge {

    /** A set is judged on its own level, wherever the player began. */
    private static final int LOWEST = 1;

    private Judge() {}

    /** See {@link Ledger#prepare}: a set that closes later is judged sooner. */
    static void prepare(String drill, String history, int level, String track) {
        ledger(drill, history).prepare(level, track);
    }

    private static Ledger ledger(String drill, String history) {
        return new Ledger(Drills.asked(drill), Chart.lines(history), LOWEST, Calendar.days());
    }

    /**
     * What a set says now.
     *
     * @param drill   a drill version
     * @param history the player's other sets on it, a list of set lines
     * @param set     the set as a line
     * @return the {@code verdict}, where there is a trial to judge, and what is to be {@code said} when it closes now
     */
    static String judge(String drill, String history, String set) {
        Ledger ledger = ledger(drill, history);
        SetResult line = ResultCodec.decodeLine(Fields.read(set));
        JsonObject answer = Json.object();
        ledger.verdictOn(line)
                .ifPresent(verdict -> answer.add("verdict", VerdictViewFormat.encode(VerdictView.of(verdict))));
        return answer.add("said", SaidFormat.encode(ledger.closing(line))).toString();
    }
}
