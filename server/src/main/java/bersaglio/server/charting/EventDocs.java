package bersaglio.server.charting;

import bersaglio.core.charting.Happening;
import bersaglio.core.charting.LevelMove;
import bersaglio.core.court.Side;
import bersaglio.core.court.Standpoint;
import bersaglio.core.drill.Advice;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import bersaglio.wire.view.PlaceView;
import bersaglio.wire.view.ShapeView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The shapes of chart events, for the contract; the codec reads them, and a test holds both alike. */
public final class EventDocs {

    private EventDocs() {}

    /** Events in the order the device wrote them, at most 100. */
    public record EventBatch(List<EventView> events) {}

    /** One event. {@code at} counts milliseconds since the set's start, {@code wall} since 1970. */
    public record EventView(
            String id,
            Kind kind,
            int v,
            String session,
            String run,
            int pen,
            String device,
            int seq,
            long at,
            long wall,
            @Schema(
                            oneOf = {
                                SetOpenedBody.class,
                                ShotLandedBody.class,
                                ShotKeyedBody.class,
                                ShotCalledBody.class,
                                ShotNotedBody.class,
                                ShotGivenBody.class,
                                HitsCountedBody.class,
                                CountSetBody.class,
                                ValueTakenBody.class,
                                ClockTurnedBody.class,
                                OwedPaidBody.class,
                                NumberCalledBody.class,
                                StanceMovedBody.class,
                                EntryBody.class,
                                SetClosedBody.class,
                                SetMovedBody.class,
                                LevelMovedBody.class,
                                PenTakenBody.class,
                                EmptyBody.class
                            })
                    Object body) {}

    @Schema(
            type = "string",
            allowableValues = {
                "set.opened",
                "shot.landed",
                "shot.keyed",
                "shot.called",
                "shot.noted",
                "shot.given",
                "hits.counted",
                "count.set",
                "value.taken",
                "clock.turned",
                "owed.paid",
                "scoring.started",
                "number.called",
                "set.paused",
                "set.resumed",
                "entry.undone",
                "entry.redone",
                "stance.moved",
                "set.turned",
                "set.closed",
                "set.reopened",
                "set.moved",
                "set.struck",
                "set.restored",
                "level.moved",
                "pen.taken"
            })
    public record Kind() {}

    /**
     * {@code from} is the side served or hit from, {@code place} the version of the place, {@code charterSd} the
     * charter's own error there in metres, {@code laid} what was laid otherwise than drawn, {@code toBeat}
     * the player's best so far, {@code track} wing, hand and side where the drill keeps them apart, {@code partners}
     * who else is in it, {@code queue} what the sets of a queue have in common, {@code heldAt} when a set that is
     * entered later was held.
     */
    public record SetOpenedBody(
            String player,
            Hand hand,
            String drill,
            int level,
            Standpoint standpoint,
            From from,
            Hand opponent,
            @Nullable String place,
            @Nullable Double charterSd,
            @Nullable List<LaidBody> laid,
            @Nullable Double toBeat,
            @Nullable String track,
            @Nullable List<String> partners,
            @Nullable String queue,
            @Nullable Long heldAt) {}

    /** A zone, by its number, as it was really put down. */
    public record LaidBody(int zone, ShapeView area) {}

    /** {@code before} holds where the ball came to earlier, for a target in order. */
    public record ShotLandedBody(
            double x, double y, @Nullable List<PlaceView> before, Caller by, @Nullable Integer team) {}

    /** {@code zone} is the number of the zone that was hit, 0 where it is not said. */
    public record ShotKeyedBody(Outcome outcome, Side side, int zone, Caller by, @Nullable Integer team) {}

    public record ShotCalledBody(String shot, Outcome outcome, Side side, int zone) {}

    public record ShotNotedBody(String shot, Note note, boolean on) {}

    /** The shot is void here; it is logged again in the set of the player that it is given to. */
    public record ShotGivenBody(String shot, String to) {}

    /** So many hits of so many balls, in no order; 1 to 1,000 balls. */
    public record HitsCountedBody(int hits, int balls, Caller by, @Nullable Integer team) {}

    /**
     * The count is now so much: of a side, a way or a zone, from 0, where there are several. {@code balls} are those
     * used up, {@code claims} what each side said that it was.
     */
    public record CountSetBody(
            @Nullable Integer part, int count, @Nullable Integer balls, @Nullable List<Integer> claims) {}

    /** A number that was taken; {@code team} is the side that it is of, from 0, left out where there is one. */
    public record ValueTakenBody(double value, @Nullable Integer team) {}

    public record ClockTurnedBody(Happening.ClockTurned.Clock to) {}

    public record OwedPaidBody(int count) {}

    public record NumberCalledBody(int number) {}

    /** Where the opponents stand from here on, and their reach to a side. */
    public record StanceMovedBody(List<PlaceView> opponents, double reach) {}

    public record EntryBody(String target) {}

    public record SetClosedBody(SaidBody said) {}

    public record SaidBody(Advice.Call call, String code, Map<String, Double> figures, int rules) {}

    public record SetMovedBody(String player, Hand hand, int level, long heldAt) {}

    public record LevelMovedBody(int from, int to, LevelMove.By by, boolean unmet) {}

    public record PenTakenBody(int pen, String lastSeen) {}

    public record EmptyBody() {}
}
