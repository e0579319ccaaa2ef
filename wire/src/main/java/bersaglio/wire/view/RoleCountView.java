package bersaglio.wire.view;

import bersaglio.core.charting.RoleCount;
import bersaglio.core.charting.SetCount;
import bersaglio.core.goal.Standing;
import bersaglio.core.pattern.Actor;
import org.jspecify.annotations.Nullable;

/**
 * What another in a pattern came to.
 *
 * @param held  of the {@code shots} that count as trials
 * @param count of a goal of their own, with its standing
 */
public record RoleCountView(Actor by, int held, int shots, @Nullable CountView count, @Nullable Standing standing) {

    static RoleCountView of(RoleCount role) {
        return new RoleCountView(
                role.by(),
                role.shots().hits(),
                role.shots().trials(),
                role.goal().map(CountView::of).orElse(null),
                role.goal().map(SetCount::standing).orElse(null));
    }
}
