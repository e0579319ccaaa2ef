package bersaglio.wire;

import bersaglio.core.court.Court;
import bersaglio.core.court.OwnCourt;
import bersaglio.core.court.sport.Courts;
import bersaglio.wire.format.OwnCourtFormat;
import com.eclipsesource.json.JsonObject;
import org.jspecify.annotations.Nullable;

/** A court of a sport by its name; one that a club measured with its measures. */
@WrittenAs(CourtFormat.Written.class)
public final class CourtFormat {

    record Written(String court, @Nullable OwnCourt ownCourt) {}

    private CourtFormat() {}

    public static JsonObject add(JsonObject json, Court court) {
        json.add("court", court.id());
        court.measured().ifPresent(own -> json.add("ownCourt", OwnCourtFormat.encode(own)));
        return json;
    }

    public static Court decode(Fields fields) {
        return fields.has("ownCourt")
                ? OwnCourtFormat.decode(fields.object("ownCourt")).court()
                : Courts.named(fields.text("court"));
    }
}
