package bersaglio.browser;

import bersaglio.core.court.Court;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.Drill;
import bersaglio.core.goal.Memo;
import bersaglio.core.words.Misread;
import bersaglio.core.written.DrillText;
import bersaglio.wire.CourtFormat;
import bersaglio.wire.DrillCodec;
import bersaglio.wire.Fields;
import bersaglio.wire.format.ProblemFormat;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** What the page asks of drills while they are made. */
final class Drills {

    /** As long as the page. */
    private static final Memo MEMO = new Memo();

    private Drills() {}

    /** A drill that is asked about again and again. */
    static Drill asked(String drill) {
        return DrillCodec.decode(Fields.parse(drill)).remembering(MEMO);
    }

    static String read(String text, String courts) {
        return placed(() -> DrillText.read(text, known(courts)));
    }

    static String grown(String drill, String rule) {
        return placed(() -> DrillText.grown(DrillCodec.decode(Fields.parse(drill)), rule));
    }

    static String next(String text, String courts) {
        JsonArray next = new JsonArray();
        DrillText.next(text, known(courts)).forEach(next::add);
        return Json.object().add("next", next).toString();
    }

    static String words(String drill) {
        return DrillText.write(DrillCodec.decode(Fields.parse(drill)));
    }

    static JsonObject answer(Drill drill) {
        JsonArray easier = new JsonArray();
        drill.requireReachable().easierLevels().forEach(easier::add);
        return Json.object().add("drill", DrillCodec.encode(drill)).add("easier", easier);
    }

    private static String placed(Supplier<Drill> work) {
        return Targets.answer(() -> {
            try {
                return answer(work.get());
            } catch (Misread misread) {
                return Json.object()
                        .add("problem", ProblemFormat.encode(misread.problem()))
                        .add(
                                "place",
                                Json.object()
                                        .add("line", misread.place().line())
                                        .add("column", misread.place().column())
                                        .add("from", misread.place().from())
                                        .add("length", misread.place().length()));
            }
        });
    }

    private static List<Court> known(String own) {
        List<Court> courts = new ArrayList<>(Courts.all());
        for (Fields court :
                Fields.of("", Json.object().add("courts", Fields.parse(own))).objects("courts")) {
            courts.add(CourtFormat.decode(court));
        }
        return courts;
    }
}
