package bersaglio.wire.view;

import bersaglio.core.charting.ChartedMatch;
import bersaglio.core.charting.MatchEvent.MatchOpened;
import bersaglio.core.court.Side;
import bersaglio.core.court.Standpoint;
import bersaglio.core.format.Flat;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.Bounce;
import bersaglio.core.match.Count;
import bersaglio.core.match.Depth;
import bersaglio.core.match.GameRule;
import bersaglio.core.match.Laws;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.MatchState;
import bersaglio.core.match.OpenRally;
import bersaglio.core.match.Part;
import bersaglio.core.match.Pause;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.match.ScoreCall;
import bersaglio.core.match.Serving;
import bersaglio.core.match.Spots;
import bersaglio.core.match.Team;
import bersaglio.core.match.Told;
import bersaglio.core.rally.Contacts;
import bersaglio.core.shot.Note;
import bersaglio.core.shot.Outcome;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A match as its events make it.
 *
 * @param one      who plays, in the order in which they were named
 * @param two      nobody where the opponent is not of the club
 * @param story    why the score stands as it does
 * @param aside    events that later corrections have made impossible
 * @param coaching whether a coach may speak; nothing until somebody said
 */
public record MatchView(
        String session,
        String run,
        long openedAt,
        List<String> one,
        List<String> two,
        @Flat MatchAskedView asked,
        @Flat ScoreView score,
        OpenView open,
        List<StoryView> story,
        List<String> aside,
        @Nullable Boolean coaching,
        @Flat OutlineView outline) {

    /**
     * What is charted, and how.
     *
     * @param game     whether it is a game within practice
     * @param agreed   what holds now
     * @param shallower what is left where the depth cannot be kept up with
     * @param lengthBy which contacts make the length of a rally
     * @param nearTeam who plays from the near end of the drawing now
     * @param live     whether one person can chart every shot of it while it is played
     * @param bounce   what a touched place is unless the charter says otherwise
     * @param netServe whether a serve that touches the net is served again
     * @param strokes  that are offered
     */
    public record MatchAskedView(
            boolean game,
            Agreed agreed,
            Depth depth,
            Depth shallower,
            Contacts lengthBy,
            Standpoint standpoint,
            Team nearTeam,
            boolean live,
            boolean fallsBehind,
            Bounce bounce,
            boolean netServe,
            List<String> strokes) {

        static MatchAskedView of(ChartedMatch match) {
            MatchOpened opened = match.opened();
            boolean swapped = match.now().swapped();
            return new MatchAskedView(
                    opened.game(),
                    match.agreed(),
                    match.open().depth(),
                    match.open().depth().shallower(),
                    opened.counts(),
                    opened.standpoint(),
                    swapped ? opened.nearTeam().other() : opened.nearTeam(),
                    Laws.canBeKeptUpWith(match.sport(), match.open().doubles()),
                    match.fallsBehind(),
                    Bounce.usual(match.sport()),
                    Laws.isNetServeAgain(match.sport()),
                    match.sport().strokes());
        }
    }

    /**
     * How it stands.
     *
     * @param over      the sets before, in order; games, where these make no set
     * @param apart     what brought the points of the game that is on
     * @param line      all of it, what is over first
     * @param stakeOne  what team one would win with the next rally
     * @param canExtend whether the receiver may choose to play on for longer
     */
    public record ScoreView(
            Count sets,
            Count games,
            Count points,
            ChartedMatch.Apart apart,
            String line,
            List<Part> over,
            Serving serving,
            Pause pause,
            MatchState.Stake stakeOne,
            MatchState.Stake stakeTwo,
            boolean tieBreak,
            boolean canExtend,
            ScoreCall call,
            boolean ended,
            @Nullable Team winner) {

        static ScoreView of(ChartedMatch match) {
            MatchState now = match.now();
            int extendsAt = now.counting().extendsAt();
            Count points = now.points();
            return new ScoreView(
                    now.sets(),
                    now.games(),
                    points,
                    match.apart(),
                    now.line(),
                    now.over(),
                    now.serving(),
                    now.pause(),
                    now.stake(Team.ONE),
                    now.stake(Team.TWO),
                    now.tieBreak(),
                    extendsAt > 0 && points.least() == extendsAt && points.most() == extendsAt,
                    ScoreCall.of(now),
                    match.over(),
                    now.winner().orElse(null));
        }
    }

    /**
     * The rally that is on.
     *
     * @param team    who hits next
     * @param player  of it, from 0; -1 where it is one of a pair and cannot be told
     * @param serve   1 or 2 where a serve is next, else 0
     * @param another whether a fault is followed by a second serve
     * @param leavesOut whether what is charted next is the last shot so far
     * @param parts   of the half, or of the service court, that the next shot goes to
     */
    public record OpenView(
            Team team,
            int player,
            int serve,
            boolean another,
            boolean leavesOut,
            List<PartOfCourt> parts,
            List<MatchShotView> shots) {

        static OpenView of(OpenRally open) {
            OpenRally.Next next = open.next();
            return new OpenView(
                    next.hitter().team(),
                    next.hitter().player(),
                    next.serve(),
                    next.another(),
                    open.leavesOut(),
                    PartOfCourt.all(open.spots()),
                    open.shots().stream().map(MatchShotView::of).toList());
        }
    }

    /** A ninth of a half or a service court, in metres, seen by who hits into it. */
    public record PartOfCourt(int spot, double left, double near, double right, double far) {

        public static List<PartOfCourt> all(Spots spots) {
            return IntStream.rangeClosed(1, Spots.MOST)
                    .mapToObj(spot -> {
                        var bounds = spots.area(spot).bounds();
                        return new PartOfCourt(spot, bounds.left(), bounds.near(), bounds.right(), bounds.far());
                    })
                    .toList();
        }
    }

    /**
     * A shot.
     *
     * @param x where the court was touched, seen by who hit it
     */
    public record MatchShotView(
            String id,
            Team team,
            int player,
            String stroke,
            int spot,
            @Nullable Double x,
            @Nullable Double y,
            @Nullable Bounce bounce,
            Outcome outcome,
            @Flat WayView way,
            List<Note> notes) {

        /**
         * How it came.
         *
         * @param cause the earlier shot that caused it, where somebody said so
         */
        public record WayView(Side side, int serve, boolean gap, @Nullable String cause) {}

        static MatchShotView of(MatchShot shot) {
            var placed = shot.placed();
            var place = placed.flatMap(MatchShot.Placed::place);
            return new MatchShotView(
                    shot.id(),
                    shot.by().team(),
                    shot.by().player(),
                    shot.stroke(),
                    shot.spot(),
                    place.isPresent() ? Double.valueOf(place.get().x()) : null,
                    place.isPresent() ? Double.valueOf(place.get().y()) : null,
                    placed.isPresent() ? placed.get().kind() : null,
                    shot.ruling().outcome(),
                    new WayView(
                            shot.ruling().side(),
                            shot.serve(),
                            shot.gap(),
                            shot.cause().isEmpty() ? null : shot.cause()),
                    shot.notes());
        }
    }

    /**
     * A step of the score, and how it stood after it.
     *
     * @param team   whose point it was
     * @param count  points of a bonus, or points that nobody saw
     * @param part   the set that it ended; the game, where games make no set
     * @param agreed what held from there
     */
    public record StoryView(
            Step step,
            String id,
            Count sets,
            Count games,
            Count points,
            @Nullable RallyView rally,
            @Nullable Team team,
            int count,
            @Nullable Part part,
            @Nullable Agreed agreed) {

        /** What it is. */
        public enum Step {
            RALLY,
            BONUS,
            SCORE,
            RULES,
            RULES_FROM_START,
            EXTENDED
        }

        private static StoryView of(Told told, Step step, @Nullable RallyView rally, @Nullable Team team, int count) {
            MatchState after = told.after();
            Agreed agreed = told instanceof Told.OfRules rules ? rules.agreed() : null;
            return new StoryView(
                    step,
                    told.id(),
                    after.sets(),
                    after.games(),
                    after.points(),
                    rally,
                    team,
                    count,
                    told.ended().orElse(null),
                    agreed);
        }

        static StoryView of(ChartedMatch match, Told told) {
            if (told instanceof Told.OfRally rally) {
                return of(
                        told,
                        Step.RALLY,
                        RallyView.of(match, rally),
                        rally.counted().winner().orElse(null),
                        0);
            } else if (told instanceof Told.OfBonus bonus) {
                return of(told, Step.BONUS, null, bonus.team(), bonus.bonus().points());
            } else if (told instanceof Told.OfScore score) {
                return of(told, Step.SCORE, null, null, score.unseen());
            } else if (told instanceof Told.OfRules rules) {
                return of(told, rules.fromStart() ? Step.RULES_FROM_START : Step.RULES, null, null, 0);
            }
            return of(told, Step.EXTENDED, null, null, 0);
        }
    }

    /**
     * A rally.
     *
     * @param end     as it was charted
     * @param counted what it came to by the rules that hold
     * @param broken  the rule that it broke
     * @param surplus whether it came after the end
     * @param partial whether shots are missing that its depth asks for
     * @param length  by the match's convention; 0 where it is not known
     */
    public record RallyView(
            RallyEnd end,
            RallyEnd counted,
            @Nullable GameRule broken,
            boolean surplus,
            boolean partial,
            Depth depth,
            Serving serving,
            int length,
            List<MatchShotView> shots,
            long at) {

        static RallyView of(ChartedMatch match, Told.OfRally told) {
            return new RallyView(
                    told.rally().end(),
                    told.counted(),
                    told.broken().orElse(null),
                    told.surplus(),
                    told.rally().partial(),
                    told.rally().depth(),
                    told.rally().serving(),
                    told.rally().length(match.opened().counts()),
                    told.rally().shots().stream().map(MatchShotView::of).toList(),
                    told.rally().at());
        }
    }

    public static MatchView of(ChartedMatch match) {
        return of(match, 0);
    }

    /** @param from the step of the story that is told first */
    public static MatchView of(ChartedMatch match, int from) {
        List<StoryView> story = new ArrayList<>();
        for (Told told : match.story().subList(from, match.story().size())) {
            story.add(StoryView.of(match, told));
        }
        return new MatchView(
                match.origin().session(),
                match.origin().run(),
                match.origin().openedAt(),
                match.opened().lineup().one(),
                match.opened().lineup().two(),
                MatchAskedView.of(match),
                ScoreView.of(match),
                OpenView.of(match.open()),
                story,
                match.aside(),
                match.coaching().orElse(null),
                OutlineView.of(match.outline()));
    }
}
