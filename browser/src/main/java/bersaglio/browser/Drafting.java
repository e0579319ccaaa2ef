package bersaglio.browser;

import bersaglio.core.measure.Lengths;
import bersaglio.core.measure.LocalMeasure;
import bersaglio.core.measure.Unit;
import bersaglio.core.target.Change;
import bersaglio.core.target.TargetSet;
import bersaglio.wire.ConditionsCodec;
import bersaglio.wire.DrillCodec;
import bersaglio.wire.Fields;
import bersaglio.wire.format.LocalMeasureFormat;
import bersaglio.wire.format.TargetSetFormat;
import com.eclipsesource.json.Json;

/** What the page may ask of the rules away from the court: a module of its own, so that charting stays light. */
final class Drafting {

    private Drafting() {}

    /**
     * A target by one touch elsewhere, or larger.
     *
     * @param zone   the number of the zone to change, 0 for all
     * @param change its {@code kind}, {@code MIRROR}, {@code OTHER_END} or {@code SCALE} with a {@code factor} and the
     *               place to scale {@code about}
     * @return the {@code target}, or the {@code problem}
     */
    static String changed(String target, int zone, String change) {
        return Targets.answer(() -> {
            TargetSet set = TargetSetFormat.decode(Fields.read(target));
            Change asked = ConditionsCodec.change(Fields.parse(change));
            return Json.object()
                    .add("target", TargetSetFormat.encode(zone == 0 ? set.with(asked) : set.with(zone, asked)));
        });
    }

    /**
     * Reads a length as people write it.
     *
     * @param measures the place's own measures, a list
     * @return its {@code metres}, or the {@code problem}
     */
    static String length(String text, String measures) {
        return Targets.answer(
                () -> Json.object().add("metres", lengths(measures).parse("length", text)));
    }

    /** A length in a unit, by the unit's name or the several of one of these measures. */
    static String written(double metres, String unit, String measures) {
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

    /**
     * Reads a drill in words.
     *
     * @param courts the club's own, a list of {@code court} with {@code ownCourt}
     * @return the {@code drill}, with the numbers of levels that are {@code easier} than the one before; or the
     *     {@code problem}, with its {@code place} in the text
     */
    static String drill(String text, String courts) {
        return Drills.read(text, courts);
    }

    /** What the text up to the cursor could go on with: a list of {@code next} words. */
    static String next(String text, String courts) {
        return Drills.next(text, courts);
    }

    /** A drill in words. */
    static String words(String drill) {
        return Targets.answer(() -> Json.object().add("text", Drills.words(drill)));
    }

    /** A drill as the rules take it, as {@link #drill} answers. */
    static String checked(String drill) {
        return Targets.answer(() -> Drills.answer(DrillCodec.decode(Fields.parse(drill))));
    }

    /** The same drill on the other side, as {@link #drill} answers. */
    static String mirrored(String drill) {
        return Targets.answer(
                () -> Drills.answer(DrillCodec.decode(Fields.parse(drill)).mirrored()));
    }

    /**
     * A drill with levels that grow from its last one, as {@link #drill} answers.
     *
     * @param rule in words, such as {@code 5 levels, each target 10 % smaller until 0.6 m}
     */
    static String grown(String drill, String rule) {
        return Drills.grown(drill, rule);
    }

    private static Lengths lengths(String measures) {
        return new Lengths(Fields.of("", Json.object().add("measures", Fields.parse(measures)))
                .each("measures", LocalMeasureFormat::decode));
    }
}
