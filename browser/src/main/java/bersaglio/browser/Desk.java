package bersaglio.browser;

import bersaglio.core.measure.Lengths;
import bersaglio.core.measure.LocalMeasure;
import bersaglio.core.measure.Unit;
import bersaglio.core.target.Change;
import bersaglio.core.target.TargetSet;
import bersaglio.wire.ConditionsCodec;
import bersaglio.wire.Fields;
import bersaglio.wire.PlaceCodec;
import bersaglio.wire.TargetCodec;
import com.eclipsesource.json.Json;
import org.teavm.jso.JSExport;

/** What the page may ask of the rules away from the court: a module of its own, so that charting stays light. */
public final class Desk {

    private Desk() {}

    public static void main(String[] args) {
        // The compiler wants an entry point; the page calls the exported methods.
    }

    /**
     * A target by one touch elsewhere, or larger.
     *
     * @param zone   the number of the zone to change, 0 for all
     * @param change its {@code kind}, {@code MIRROR}, {@code OTHER_END} or {@code SCALE} with a {@code factor} and the
     *               place to scale {@code about}
     * @return the {@code target}, or the {@code problem}
     */
    @JSExport
    public static String changed(String target, int zone, String change) {
        return Targets.answer(() -> {
            TargetSet set = TargetCodec.decode(Fields.parse(target));
            Change asked = ConditionsCodec.change(Fields.parse(change));
            return Json.object().add("target", TargetCodec.encode(zone == 0 ? set.with(asked) : set.with(zone, asked)));
        });
    }

    /**
     * Reads a length as people write it.
     *
     * @param measures the place's own measures, a list
     * @return its {@code metres}, or the {@code problem}
     */
    @JSExport
    public static String length(String text, String measures) {
        return Targets.answer(
                () -> Json.object().add("metres", lengths(measures).parse("length", text)));
    }

    /** A length in a unit, by the unit's name or the several of one of these measures. */
    @JSExport
    public static String written(double metres, String unit, String measures) {
        Lengths lengths = lengths(measures);
        for (LocalMeasure measure : lengths.local()) {
            if (measure.many().equals(unit)) {
                return lengths.write(metres, measure);
            }
        }
        for (Unit common : Unit.values()) {
            if (common.name().equals(unit)) {
                return lengths.write(metres, common);
            }
        }
        return lengths.write(metres, Unit.METRE);
    }

    private static Lengths lengths(String measures) {
        return new Lengths(PlaceCodec.measures(Fields.of("", Json.object().add("measures", Fields.parse(measures)))));
    }
}
