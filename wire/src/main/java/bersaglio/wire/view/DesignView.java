package bersaglio.wire.view;

import bersaglio.core.drill.CountUnit;
import bersaglio.core.drill.Design;
import bersaglio.core.drill.Design.Apart;
import bersaglio.core.drill.Design.Order;
import bersaglio.core.drill.Design.RangeFinding;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a drill is meant and run, apart from its rungs.
 *
 * @param purposes   what it serves, in the coach's words
 * @param situation  of a match that it feeds
 * @param watchPoint one thing to watch
 * @param apart      what has a rung of its own
 * @param players    at once, least and most
 * @param minutes    that it is planned for
 * @param requires   levels of other drills to stand on first
 * @param below      the drill family below its lowest level
 */
public record DesignView(
        List<String> purposes,
        String situation,
        String watchPoint,
        UnitView unit,
        Order order,
        RangeFinding rangeFinding,
        SettingView setting,
        List<Apart> apart,
        PlayersView players,
        int minutes,
        List<RequirementView> requires,
        @Nullable String below) {

    /** @param balls that must all hold */
    public record UnitView(CountUnit.Kind kind, int balls, CountUnit.FirstMiss firstMiss) {}

    public record SettingView(String feeder, String partnerMay, String ball, String obstruction) {}

    public record PlayersView(int least, int most) {}

    public record RequirementView(String family, int level) {}

    public static DesignView of(Design design) {
        return new DesignView(
                design.purposes(),
                design.situation(),
                design.watchPoint(),
                new UnitView(
                        design.unit().kind(),
                        design.unit().balls(),
                        design.unit().firstMiss()),
                design.order(),
                design.rangeFinding(),
                new SettingView(
                        design.setting().feeder(),
                        design.setting().partnerMay(),
                        design.setting().ball(),
                        design.setting().obstruction()),
                design.apart().stream().sorted().toList(),
                new PlayersView(design.group().least(), design.group().most()),
                design.minutes(),
                design.requires().stream()
                        .map(one -> new RequirementView(one.family(), one.level()))
                        .toList(),
                design.below().orElse(null));
    }
}
