package bersaglio.browser;

import bersaglio.core.advice.MatchReview;
import bersaglio.core.advice.PlacementTally;
import bersaglio.core.charting.ChartedMatch;
import bersaglio.core.charting.MatchChart;
import bersaglio.core.court.Point;
import bersaglio.core.court.Sport;
import bersaglio.core.match.Format;
import bersaglio.core.match.Formats;
import bersaglio.core.match.Spots;
import bersaglio.core.match.Team;
import bersaglio.core.match.Told;
import bersaglio.core.tactic.TacticCheck;
import bersaglio.core.tactic.TacticWords;
import bersaglio.wire.Fields;
import bersaglio.wire.format.FormatFormat;
import bersaglio.wire.format.MatchReviewViewFormat;
import bersaglio.wire.format.MatchViewFormat;
import bersaglio.wire.format.PlacementTallyFormat;
import bersaglio.wire.format.RulingFormat;
import bersaglio.wire.format.TacticCheckViewFormat;
import bersaglio.wire.view.MatchReviewView;
import bersaglio.wire.view.MatchView;
import bersaglio.wire.view.TacticCheckView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.teavm.jso.JSExport;

/** The chart of one match in the page, worked out after every event. */
public final class Match {

    private final Tape tape = new Tape();
    private Optional<ChartedMatch> match = Optional.empty();

    Match() {}

    static String formats() {
        JsonArray all = Json.array().asArray();
        Formats.all().forEach(format -> all.add(FormatFormat.encode(format)));
        return all.toString();
    }

    static String format(String format, UnaryOperator<Format> change) {
        return FormatFormat.encode(change.apply(FormatFormat.decode(Fields.read(format))))
                .toString();
    }

    static String strokes() {
        JsonObject all = Json.object();
        for (Sport sport : Sport.values()) {
            JsonArray words = Json.array().asArray();
            sport.strokes().forEach(words::add);
            all.add(sport.name(), words);
        }
        return all.toString();
    }

    /**
     * Adds one event, or a list of them.
     *
     * @return the {@code match}, its story only from the first step that changed, whose place is {@code fromStep}; or, with
     *     nothing added, the {@code problem}
     */
    @JSExport
    public String append(String json) {
        return tape.append(json, what -> match.ifPresent(charted -> charted.check(what)), all -> {
            ChartedMatch now = MatchChart.replay(all);
            int from = firstChanged(now);
            match = Optional.of(now);
            return Json.object().add("fromStep", from).add("match", MatchViewFormat.encode(MatchView.of(now, from)));
        });
    }

    /**
     * What the next shot would be that comes down at a place, in metres, seen by who hits it.
     *
     * @return its {@code ruling}, and the part of the court, {@code spot}
     */
    @JSExport
    public String where(double x, double y) {
        return match.map(charted -> {
                    Spots spots = charted.open().spots();
                    Point place = new Point(x, y);
                    return Json.object()
                            .add("ruling", RulingFormat.encode(spots.rule(place)))
                            .add("spot", spots.at(place))
                            .toString();
                })
                .orElse("");
    }

    private int firstChanged(ChartedMatch now) {
        List<Told> old = match.map(ChartedMatch::story).orElse(List.of());
        int same = 0;
        while (same < Math.min(old.size(), now.story().size())
                && old.get(same).equals(now.story().get(same))) {
            same++;
        }
        return same;
    }

    /**
     * What it says of a team.
     *
     * @param team    ONE or TWO
     * @param player  of it, from 0; -1 for all of it
     * @param earlier placements of earlier matches against the same opponent
     */
    @JSExport
    public String review(String team, int player, String earlier) {
        List<PlacementTally> tallies = new ArrayList<>();
        Fields.parse(earlier)
                .asArray()
                .forEach(one -> tallies.add(PlacementTallyFormat.decode(Fields.of("earlier", one))));
        return match.map(charted -> MatchReviewViewFormat.encode(
                                MatchReviewView.of(MatchReview.of(charted, Team.valueOf(team), player, tallies)))
                        .toString())
                .orElse("");
    }

    /**
     * A tactical rule held against what was charted.
     *
     * @param words of a rule of this match's sport
     * @param team  whose it is, ONE or TWO
     * @return the {@code check}, or the {@code problem}
     */
    @JSExport
    public String check(String words, String team) {
        return Targets.answer(() -> {
            ChartedMatch charted = match.orElseThrow();
            TacticCheck check = TacticCheck.of(
                    TacticWords.given(words, charted.sport()), charted.sport(), charted.rallies(), Team.valueOf(team));
            return Json.object().add("check", TacticCheckViewFormat.encode(TacticCheckView.of(check)));
        });
    }

    /**
     * A tactical rule in words.
     *
     * @return the {@code words} as they are kept, or the {@code problem} with its place
     */
    static String tactic(String words, String sport) {
        return Targets.answer(
                () -> Json.object().add("words", TacticWords.write(TacticWords.given(words, Sport.valueOf(sport)))));
    }
}
