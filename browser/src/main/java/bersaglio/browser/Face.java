package bersaglio.browser;

import bersaglio.core.charting.Ledger;
import bersaglio.core.charting.Rules;
import bersaglio.core.charting.SetResult;
import bersaglio.core.drill.Drill;
import bersaglio.core.goal.BestToBeat;
import bersaglio.core.match.Ends;
import bersaglio.wire.format.SetLineFormat;
import bersaglio.wire.view.SetLine;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import org.teavm.jso.JSExport;

/** What the page may ask of the rules. Structured values cross as JSON, in the shapes of the HTTP contract. */
public final class Face {

    private Face() {}

    public static void main(String[] args) {
        // The compiler wants an entry point; the page calls the exported methods.
    }

    /** The number of the rules, as the server has it. */
    @JSExport
    public static int rulesNumber() {
        return Rules.NUMBER;
    }

    /**
     * By which days the rules count from now on.
     *
     * @param days changes of the club's clocks in the order of time, each {@code since} when, in milliseconds since 1970,
     *     and how many milliseconds {@code ahead} of UTC
     */
    @JSExport
    public static void clubDays(String days) {
        Calendar.tell(days);
    }

    /**
     * Starts the chart of one set.
     *
     * @param drill   a drill version
     * @param history the player's other sets on it, a list of set lines
     */
    @JSExport
    public static Chart chart(String drill, String history) {
        Drill version = Drills.asked(drill);
        return new Chart(version, Chart.lines(history));
    }

    /** Starts the chart of one match. */
    @JSExport
    public static Match match() {
        return new Match();
    }

    /** The usual ways to score, as a list of formats. */
    @JSExport
    public static String formats() {
        return Match.formats();
    }

    /** A format with games to another number of points. */
    @JSExport
    public static String playedTo(String format, int to) {
        return Match.format(format, known -> known.to(to));
    }

    /** A format with games that so many points win in any case. */
    @JSExport
    public static String cappedAt(String format, int cap) {
        return Match.format(format, known -> known.cappedAt(cap));
    }

    /** A format that so many games, or sets, win. */
    @JSExport
    public static String wonBy(String format, int sets) {
        return Match.format(format, known -> known.wonBy(sets));
    }

    /** A format with other ends. */
    @JSExport
    public static String changing(String format, String change) {
        return Match.format(format, known -> known.changing(Ends.Change.valueOf(change)));
    }

    /**
     * A tactical rule in words.
     *
     * @return the {@code words} as they are kept, or the {@code problem}
     */
    @JSExport
    public static String tactic(String words, String sport) {
        return Match.tactic(words, sport);
    }

    /** The strokes of each sport that are offered. */
    @JSExport
    public static String strokes() {
        return Match.strokes();
    }

    /**
     * Where a player stands on a drill, with sets that only this device knows laid over those of the server.
     *
     * @param track wing, hand or side, where the drill keeps them apart
     * @param start the rung on which the player came to this version of the drill
     * @return a standing: the level, the sets there so far that count, the lines so taken together, and the best that is to be beaten where there is one
     */
    @JSExport
    public static String standing(String drill, String history, String own, String player, String track, int start) {
        Drill version = Drills.asked(drill);
        Ledger all = new Ledger(version, Chart.lines(history), start, Calendar.days())
                .overlaidWith(Chart.lines(own), player);
        Ledger ledger = all.on(track);
        JsonArray sets = new JsonArray();
        for (SetResult set : all.sets()) {
            sets.add(SetLineFormat.encode(SetLine.of(set)));
        }
        JsonObject standing = Json.object()
                .add("level", ledger.level())
                .add("tries", ledger.attemptsAt(ledger.level()).size())
                .add("sets", sets);
        if (version.level(ledger.level()).goal() instanceof BestToBeat) {
            ledger.best(ledger.level(), "").ifPresent(best -> standing.add("best", best));
        }
        return standing.toString();
    }

    /**
     * Whose turn it is after something happened in a queue.
     *
     * @param queue  its {@code order}, who is {@code away}, {@code ballsATurn}, {@code at} and {@code taken}
     * @param act    a {@link bersaglio.core.group.Queue.Act}
     * @param player whom it is about; empty for nobody
     * @return the {@code queue}, its {@code hitter}, who is {@code next}, and the balls {@code left} of this turn; or the
     *     {@code problem}
     */
    @JSExport
    public static String queue(String queue, String act, String player) {
        return Queues.after(queue, act, player);
    }

    /**
     * A group as its events make it.
     *
     * @return the {@code group}, or the {@code problem}
     */
    @JSExport
    public static String group(String events) {
        return Groups.group(events);
    }

    /**
     * What to call out in a turn.
     *
     * @param length balls, points or seconds of a turn, called {@code ahead} of its end, when so many are {@code done}
     * @return NOTHING, SOON or STOP
     */
    @JSExport
    public static String groupCall(int length, int ahead, int done) {
        return Groups.call(length, ahead, done);
    }

    /**
     * How a target lies.
     *
     * @param conditions hands, side, and where given the stance and what was laid
     * @return the {@code lying} and how many {@code rings} there are, or the {@code problem}
     */
    @JSExport
    public static String lying(String target, int ring, String conditions) {
        return Targets.lying(target, ring, conditions);
    }

    /**
     * What a ball would be that came to these places, in order.
     *
     * @return the {@code ruling}, whether it {@code goesOn} to a further place, its {@code points}, metres {@code toEdge}
     *     and {@code fromAim} where there are such; or the {@code problem}
     */
    @JSExport
    public static String preview(String target, int ring, String conditions, String places) {
        return Targets.preview(target, ring, conditions, places);
    }

    /** See {@link Drafting}. */
    @JSExport
    public static String changed(String target, int zone, String change) {
        return Drafting.changed(target, zone, change);
    }

    /** See {@link Drafting}. */
    @JSExport
    public static String length(String text, String measures) {
        return Drafting.length(text, measures);
    }

    /** See {@link Drafting}. */
    @JSExport
    public static String written(double metres, String unit, String measures) {
        return Drafting.written(metres, unit, measures);
    }

    /** See {@link Drafting}. */
    @JSExport
    public static String drill(String text, String courts) {
        return Drafting.drill(text, courts);
    }

    /** See {@link Drafting}. */
    @JSExport
    public static String next(String text, String courts) {
        return Drafting.next(text, courts);
    }

    /** See {@link Drafting}. */
    @JSExport
    public static String words(String drill) {
        return Drafting.words(drill);
    }

    /** See {@link Drafting}. */
    @JSExport
    public static String checked(String drill) {
        return Drafting.checked(drill);
    }

    /** See {@link Drafting}. */
    @JSExport
    public static String mirrored(String drill) {
        return Drafting.mirrored(drill);
    }

    /** See {@link Drafting}. */
    @JSExport
    public static String grown(String drill, String rule) {
        return Drafting.grown(drill, rule);
    }
}
