package bersaglio.wire;

import bersaglio.core.court.Area;
import bersaglio.core.court.Side;
import bersaglio.core.target.InUse;
import com.eclipsesource.json.JsonObject;
import org.jspecify.annotations.Nullable;

/** What of a court is in use, told apart by its fields. */
@WrittenAs(InUseFormat.Written.class)
public final class InUseFormat {

    record Written(@Nullable String region, @Nullable String line, @Nullable Side side, @Nullable Area drawn) {}

    private InUseFormat() {}

    public static JsonObject add(JsonObject json, InUse.Part part) {
        if (part instanceof InUse.Named named) {
            return json.add("region", named.region());
        } else if (part instanceof InUse.Beyond beyond) {
            return json.add("line", beyond.line()).add("side", beyond.side().name());
        }
        return json.add("drawn", AreaFormat.encode(((InUse.Drawn) part).area()));
    }

    public static InUse.Part decode(Fields fields) {
        if (fields.has("drawn")) {
            return new InUse.Drawn(AreaFormat.decode(fields.object("drawn")));
        } else if (fields.has("line")) {
            return new InUse.Beyond(fields.text("line"), fields.oneOf("side", Side.values()));
        }
        return new InUse.Named(fields.text("region"));
    }
}
