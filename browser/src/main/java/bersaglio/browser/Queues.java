package bersaglio.browser;

import bersaglio.core.group.Queue;
import bersaglio.wire.Fields;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import java.util.List;

/** A queue as the page keeps it. */
final class Queues {

    private Queues() {}

    static String after(String json, String act, String player) {
        return Targets.answer(() -> {
            Fields given = Fields.of("queue", Fields.parse(json));
            Queue before = new Queue(
                    given.texts("order"),
                    given.texts("away"),
                    given.count("ballsATurn"),
                    given.count("at"),
                    given.count("taken"));
            Queue now = before.after(Queue.Act.valueOf(act), player);
            return Json.object()
                    .add(
                            "queue",
                            Json.object()
                                    .add("order", texts(now.order()))
                                    .add("away", texts(now.away()))
                                    .add("ballsATurn", now.ballsATurn())
                                    .add("at", now.at())
                                    .add("taken", now.taken()))
                    .add("hitter", now.hitter())
                    .add("next", now.next())
                    .add("left", now.left());
        });
    }

    private static JsonArray texts(List<String> all) {
        JsonArray json = new JsonArray();
        all.forEach(json::add);
        return json;
    }
}
