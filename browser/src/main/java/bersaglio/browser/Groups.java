package bersaglio.browser;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.GroupChart;
import bersaglio.core.group.Changeover;
import bersaglio.wire.EventCodec;
import bersaglio.wire.Fields;
import bersaglio.wire.format.GroupViewFormat;
import bersaglio.wire.view.GroupView;
import com.eclipsesource.json.Json;
import java.util.ArrayList;
import java.util.List;

/** A group as the page shows it. */
final class Groups {

    private Groups() {}

    static String group(String json) {
        return Targets.answer(() -> {
            List<ChartEvent> events = new ArrayList<>();
            Fields.parse(json).asArray().forEach(event -> events.add(EventCodec.decode(event)));
            return Json.object().add("group", GroupViewFormat.encode(GroupView.of(GroupChart.replay(events))));
        });
    }

    static String call(int length, int ahead, int done) {
        return Changeover.Call.after(length, ahead, done).name();
    }
}
