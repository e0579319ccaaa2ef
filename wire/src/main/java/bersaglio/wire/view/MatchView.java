package bersaglio.wire.view;

import bersaglio.core.charting.ChartedMatch;
import bersaglio.core.charting.MatchEvent.MatchOpened;
import bersaglio.core.court.Standpoint;
import bersaglio.core.format.Flat;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.Bounce;
import bersaglio.core.match.Count;
import bersaglio.core.match.Depth;
import bersaglio.core.match.Laws;
import bersaglio.core.match.MatchState;
import bersaglio.core.match.OpenRally;
import bersaglio.core.match.Part;
import bersaglio.core.match.Pause;
import bersaglio.core.match.ScoreCall;
import bersaglio.core.match.Serving;
import bersaglio.core.match.Spots;
import bersaglio.core.match.Team;
import bersaglio.core.match.Told;
import bersaglio.core.rally.Contacts;
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
     * What is counted.
     *
     * @param apart what brought the points of the game that is on
     * @param line  all of it, what is over first
     * @param over  the sets before, in order; games, where these make no set
     */
    public record CountsView(
            Count sets, Count games, Count points, ChartedMatch.Apart apart, String line, List<Part> over) {

        static CountsView of(ChartedMatch match) {
            MatchState now = match.now();
            return new CountsView(now.sets(), now.games(), now.points(), match.apart(), now.line(), now.over());
        }
    }

    /**
     * How it stands.
     *
     * @param stakeOne  what team one would win with the next rally
     * @param canExtend whether the receiver may choose to play on for longer
     */
    public record ScoreView(
            @Flat CountsView counts,
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
                    CountsView.of(match),
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
