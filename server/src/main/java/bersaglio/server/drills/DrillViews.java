package bersaglio.server.drills;

import bersaglio.core.drill.Drill;
import bersaglio.wire.view.DrillView;
import java.util.HexFormat;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.zip.CRC32;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Drills as they are shown. A version never changes, so what its levels ask for is worked out once. */
@Component
public class DrillViews {

    private final Map<String, Shown> known = new ConcurrentHashMap<>();
    private final ObjectMapper json;

    private record Shown(DrillView view, String tag) {}

    /**
     * What a list says of a drill version.
     *
     * @param tag        8 hexadecimal digits that tell apart how it is shown, which changes only with the rules
     * @param levels     how many
     * @param mostPlayers that it takes at once
     */
    public record ListedDrill(
            String id, String tag, String family, int version, String name, int levels, int mostPlayers) {}

    DrillViews(ObjectMapper json) {
        this.json = json;
    }

    public DrillView of(Drill drill) {
        return shown(drill).view;
    }

    public ListedDrill listed(Drill drill) {
        return new ListedDrill(
                drill.id(),
                shown(drill).tag,
                drill.family(),
                drill.version(),
                drill.name(),
                drill.levels().size(),
                drill.design().group().most());
    }

    private Shown shown(Drill drill) {
        return known.computeIfAbsent(drill.id(), id -> {
            DrillView view = DrillView.of(drill);
            CRC32 check = new CRC32();
            check.update(json.writeValueAsBytes(view));
            return new Shown(view, HexFormat.of().toHexDigits((int) check.getValue()));
        });
    }
}
