package bersaglio.browser;

import bersaglio.core.charting.ClubDays;
import bersaglio.wire.Fields;
import com.eclipsesource.json.Json;
import java.util.ArrayList;
import java.util.List;

/** The club's days, told once when the page loads the rules; UTC's until then. */
final class Calendar {

    private static ClubDays days = ClubDays.UTC;

    private Calendar() {}

    static ClubDays days() {
        return days;
    }

    static void tell(String json) {
        List<ClubDays.Change> changes = new ArrayList<>();
        for (Fields change :
                Fields.of("", Json.object().add("days", Fields.parse(json))).objects("days")) {
            changes.add(new ClubDays.Change(change.whole("since"), change.whole("ahead")));
        }
        days = new ClubDays(changes);
    }
}
