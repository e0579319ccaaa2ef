package bersaglio.core.charting;

import bersaglio.core.charting.MatchChart.Happened;
import bersaglio.core.charting.MatchEvent.MatchAgreed;
import bersaglio.core.charting.MatchEvent.MatchOpened;
import bersaglio.core.charting.MatchEvent.MatchRallyEnded;
import bersaglio.core.charting.MatchEvent.MatchShotMade;
import bersaglio.core.charting.MatchEvent.MatchShotSettled;
import bersaglio.core.charting.MatchEvent.ScoreSaid;
import bersaglio.core.court.Sport;
import bersaglio.core.match.Agreed;
import bersaglio.core.match.Count;
import bersaglio.core.match.Depth;
import bersaglio.core.match.GameRule;
import bersaglio.core.match.MatchShot;
import bersaglio.core.match.MatchShot.Placed;
import bersaglio.core.match.MatchState;
import bersaglio.core.match.OpenRally;
import bersaglio.core.match.PlayedRally;
import bersaglio.core.match.RallyEnd;
import bersaglio.core.match.Spots;
import bersaglio.core.match.Team;
import bersaglio.core.match.Told;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Goes through what happened in a match: rally by rally, and so the score. */
final class MatchReplay {

    private final MatchOpened opened;
    private final Map<String, RallyEnd> corrected;
    private final Map<String, List<MatchShotSettled>> settled;
    private final RunState run;
    private final Spots spots;
    private final List<Told> story = new ArrayList<>();
    private Agreed agreed;
    private MatchState state;
    private Depth depth;
    private OpenRally rally;
    private List<PlayedRally.Earned> bonuses = new ArrayList<>();
    /** The game was won while the rally was on, which is no part of the next one. */
    private boolean decided;
    /** What is charted now comes after the end that somebody said. */
    private boolean late;

    private Optional<Waiting> waiting = Optional.empty();

    /** What was agreed while a rally was on. */
    private record Waiting(String id, Agreed agreed) {}

    /** What earlier corrections have made impossible. */
    private final List<String> aside = new ArrayList<>();

    MatchReplay(
            MatchOpened opened,
            Agreed agreed,
            Map<String, RallyEnd> corrected,
            Map<String, List<MatchShotSettled>> settled,
            RunState run) {
        this.opened = opened;
        this.agreed = agreed;
        this.corrected = corrected;
        this.settled = settled;
        this.run = run;
        this.spots = Spots.of(sport(), agreed.format().doubles());
        this.depth = opened.depth();
        this.state = opened.start().begin(agreed.format());
        this.rally = nextRally();
    }

    private Sport sport() {
        return opened.agreed().format().sport();
    }

    private OpenRally nextRally() {
        return new OpenRally(sport(), agreed.format().doubles(), state.serving(), depth, List.of());
    }

    void take(Happened happened) {
        late = happened.late();
        if (late && !(happened.what() instanceof MatchShotMade || happened.what() instanceof MatchRallyEnded)) {
            aside.add(happened.id());
        } else {
            happened.what().happen(this, happened.id(), happened.at());
        }
    }

    void scoreIs(ScoreSaid said, String id) {
        leave();
        Count before = state.points();
        unless(id, said::on, after -> new Told.OfScore(id, unseen(before, after), after));
    }

    void extend(String id) {
        unless(id, MatchState::extend, after -> new Told.OfExtension(id, after));
    }

    void deepen(Depth other) {
        depth = other;
        rally = new OpenRally(rally.sport(), rally.doubles(), rally.serving(), depth, rally.shots());
    }

    /** How a score becomes a step of the story. */
    private interface Telling {
        Told of(MatchState after);
    }

    /** What an earlier correction has made impossible changes nothing. */
    private void unless(String id, UnaryOperator<MatchState> change, Telling told) {
        try {
            state = change.apply(state);
            story.add(told.of(state));
            if (rally.shots().isEmpty()) {
                rally = nextRally();
            }
        } catch (Refused impossible) {
            aside.add(id);
        }
    }

    private static int unseen(Count before, MatchState after) {
        Count now = after.points();
        boolean goesOn = now.one() >= before.one() && now.two() >= before.two();
        return goesOn ? now.total() - before.total() : 0;
    }

    /** What else is agreed holds from the next rally on: one that is on is played to its end. */
    void agree(String id, MatchAgreed change) {
        if (change.from() == MatchAgreed.From.START) {
            story.add(new Told.OfRules(id, change.agreed(), true, state));
        } else if (rally.shots().isEmpty()) {
            hold(id, change.agreed());
        } else {
            waiting = Optional.of(new Waiting(id, change.agreed()));
        }
    }

    private void hold(String id, Agreed other) {
        unless(
                id,
                now -> {
                    MatchState under = now.under(other.format());
                    agreed = other;
                    return under;
                },
                after -> new Told.OfRules(id, other, false, after));
    }

    /** The rally that is on was left without an end that somebody saw. */
    private void leave() {
        if (!rally.shots().isEmpty()) {
            MatchShot last = rally.shots().get(rally.shots().size() - 1);
            end(RallyEnd.without(RallyEnd.How.NOT_SEEN), last.id(), last.at());
        }
    }

    void shot(MatchShotMade made, String id, long at) {
        boolean serve = made.serve() > 0;
        Spots parts =
                serve ? Spots.ofServe(sport(), rally.doubles(), rally.serving().court()) : spots;
        int spot = made.spot() > 0 ? made.spot() : made.place().map(parts::at).orElse(0);
        String stroke =
                made.stroke().isEmpty() ? rally.stroke(spot, serve, made.gap()).orElse("") : made.stroke();
        boolean placed = spot > 0 || made.place().isPresent();
        rally = rally.with(new MatchShot(
                        id,
                        made.hitter(),
                        stroke,
                        placed ? Optional.of(new Placed(spot, made.place(), made.bounce())) : Optional.empty(),
                        made.ruling(),
                        made.serve(),
                        made.gap() && !rally.shots().isEmpty()
                                || !serve && rally.shots().isEmpty(),
                        run.notesOn(id),
                        "",
                        at))
                .withLast(this::asSaid);
        MatchShot shot = rally.shots().get(rally.shots().size() - 1);
        List<GameRule> rules = agreed.rules();
        for (int rule = 0; rule < rules.size(); rule++) {
            if (rules.get(rule) instanceof GameRule.Bonus bonus
                    && !serve
                    && bonus.spot() > 0
                    && bonus.spot() == spot
                    && shot.isIn()) {
                earn(id, rule, shot.by().team());
            }
        }
    }

    private MatchShot asSaid(MatchShot shot) {
        MatchShot now = shot;
        for (MatchShotSettled said : settled.getOrDefault(shot.id(), List.of())) {
            now = now.saidToBe(said.stroke(), said.player(), said.cause());
        }
        return now;
    }

    void earn(String id, int rule, Team team) {
        if (rule >= agreed.rules().size() || !(agreed.rules().get(rule) instanceof GameRule.Bonus bonus)) {
            aside.add(id);
            return;
        }
        bonuses.add(new PlayedRally.Earned(id, rule, team));
        int parts = state.over().size() + state.games().total();
        for (int i = 0; i < bonus.points() && state.winner().isEmpty(); i++) {
            state = state.earn(team);
            if (state.over().size() + state.games().total() != parts) {
                decided = !rally.shots().isEmpty();
                break;
            }
        }
        story.add(new Told.OfBonus(id, bonus, team, state));
        if (rally.shots().isEmpty()) {
            rally = nextRally();
        }
    }

    /** @param charted how it ended before any correction */
    void end(RallyEnd charted, String id, long at) {
        RallyEnd end = corrected.getOrDefault(id, charted);
        OpenRally over = rally.endedBy(id, end, run.notesOn(id), at);
        if (over.shots().size() > rally.shots().size()) {
            over = over.withLast(this::asSaid);
        }
        PlayedRally played = new PlayedRally(
                id, rally.serving(), state.swapped(), depth, rally.isPartial(end), over.shots(), end, bonuses, at);
        RallyEnd counted = end;
        Optional<GameRule> broken = end.winner().isEmpty()
                ? Optional.empty()
                : agreed.rules().stream()
                        .filter(rule -> rule.breaks(played).isPresent())
                        .findFirst();
        if (broken.isPresent()) {
            counted = broken.get().breaks(played).orElseThrow();
        }
        boolean surplus = late
                || counted.winner().isPresent() && (decided || state.winner().isPresent());
        if (counted.winner().isPresent() && !surplus) {
            state = state.after(counted.winner().get());
        }
        story.add(new Told.OfRally(played, counted, broken, surplus, state));
        decided = false;
        bonuses = new ArrayList<>();
        rally = nextRally();
        Optional<Waiting> agreedMeanwhile = waiting;
        waiting = Optional.empty();
        agreedMeanwhile.ifPresent(change -> hold(change.id(), change.agreed()));
    }

    ChartedMatch result(String session, String runId, long openedAt, Optional<Boolean> coaching, boolean over) {
        return new ChartedMatch(
                new ChartedMatch.Origin(session, runId, openedAt, opened),
                agreed,
                story,
                state,
                rally,
                bonuses,
                coaching,
                over || state.winner().isPresent(),
                aside,
                run.outline());
    }
}
