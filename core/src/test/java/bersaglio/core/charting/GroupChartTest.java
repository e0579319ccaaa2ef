package bersaglio.core.charting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.charting.GroupEvent.GroupEnded;
import bersaglio.core.charting.GroupEvent.GroupOpened;
import bersaglio.core.charting.GroupEvent.MemberCame;
import bersaglio.core.charting.GroupEvent.MemberLeft;
import bersaglio.core.charting.GroupEvent.TeamScored;
import bersaglio.core.charting.GroupEvent.TurnChanged;
import bersaglio.core.charting.SharedEvent.CountSet;
import bersaglio.core.charting.SharedEvent.SetPaused;
import bersaglio.core.charting.SharedEvent.SetResumed;
import bersaglio.core.charting.SharedEvent.Undone;
import bersaglio.core.group.Changeover;
import bersaglio.core.group.Form;
import bersaglio.core.group.Post;
import bersaglio.core.group.Rotation;
import bersaglio.core.group.Spot;
import bersaglio.core.group.TeamRace;
import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class GroupChartTest {

    private static final Form ONE_HITS = new Rotation(1, 1, 1, 0, new Changeover(Changeover.By.MINUTES, 2, 10));

    private final List<ChartEvent> events = new ArrayList<>();

    private GroupChartTest then(EventBody... all) {
        for (EventBody what : all) {
            int seq = events.size() + 1;
            events.add(new ChartEvent("e" + seq, "s1", "r1", 1, "d1", seq, seq * 1000L, 5000, what));
        }
        return this;
    }

    private ChartedGroup group() {
        return GroupChart.replay(events);
    }

    private static List<String> at(ChartedGroup group, Post post) {
        return group.on().spots().stream()
                .filter(spot -> spot.post() == post)
                .map(Spot::player)
                .toList();
    }

    private GroupChartTest opened(Form form, String... players) {
        return then(new GroupOpened(form, "", List.of(players)));
    }

    @Test
    void eachTurnIsCountedForWhoHadIt() {
        ChartedGroup group = opened(ONE_HITS, "a", "b", "c")
                .then(new TurnChanged(), new TurnChanged())
                .group();
        for (String player : List.of("a", "b", "c")) {
            assertThat(group.turns(player, Post.HITTER)).isEqualTo(1);
            assertThat(group.turns(player, Post.WAITING)).isEqualTo(1);
        }
        assertThat(group.since()).isEqualTo(3000);
        assertThat(group.callByPoints()).isEqualTo(Changeover.Call.NOTHING);
    }

    @Test
    void whatIsNextIsWhatComes() {
        ChartedGroup before =
                opened(ONE_HITS, "a", "b", "c", "d").then(new TurnChanged()).group();
        assertThat(then(new TurnChanged()).group().on()).isEqualTo(before.next());
    }

    @Test
    void theHitterWhoGoesIsReplacedAtOnceByOneWhoWaited() {
        ChartedGroup before = opened(ONE_HITS, "a", "b", "c").group();
        String hitter = at(before, Post.HITTER).get(0);
        ChartedGroup after = then(new MemberLeft(hitter)).group();
        assertThat(after.on().spots())
                .hasSize(2)
                .extracting(Spot::post)
                .containsExactlyInAnyOrder(Post.HITTER, Post.FEEDER);
        assertThat(after.everybody()).containsExactlyInAnyOrder("b", "c", "a");
        assertThat(then(new MemberCame(hitter)).group().evening().players()).hasSize(3);
    }

    /** Two come, then a third: who comes to a full court waits for the next turn, and this one is no rest of theirs. */
    @Test
    void whoComesToAFullCourtWaitsForTheNextTurn() {
        ChartedGroup group =
                opened(ONE_HITS, "a", "b").then(new MemberCame("c")).group();
        assertThat(group.on().of("c")).isEmpty();
        assertThat(group.next().of("c").orElseThrow().isOnCourt()).isTrue();
        assertThat(group.turns("c", Post.WAITING)).isZero();
    }

    @Test
    void whoComesToAnEmptyPlaceTakesItAtOnce() {
        Form withOpponent = new Rotation(1, 1, 1, 1, new Changeover(Changeover.By.BALLS, 10, 0));
        ChartedGroup group =
                opened(withOpponent, "a", "b").then(new MemberCame("c")).group();
        assertThat(group.on().onCourt()).isEqualTo(3);
    }

    @Test
    void undoTakesBackAChangeAndACame() {
        ChartedGroup first = opened(ONE_HITS, "a", "b", "c").group();
        then(new TurnChanged(), new Undone("e2"));
        assertThat(group().on()).isEqualTo(first.on());
        then(new MemberCame("d"), new Undone("e4"));
        assertThat(group().evening().players()).containsExactly("a", "b", "c");
        assertThat(group().outline().nextRedo()).contains("e4");
    }

    @Test
    void aPauseIsNobodysTurn() {
        ChartedGroup group = opened(ONE_HITS, "a", "b")
                .then(new SetPaused(), new TurnScoredNothing(), new SetResumed(), new TurnChanged())
                .group();
        assertThat(group.since()).isEqualTo(3000);
    }

    /** Something of another kind of chart. */
    private record TurnScoredNothing() implements EventBody {}

    @Test
    void teamsRaceInRoundsAndADisputedCountIsSettled() {
        TeamRace race = new TeamRace(2, 3, 2);
        opened(race, "a", "b", "c", "d").then(new TeamScored(0), new TeamScored(0), new TeamScored(1));
        assertThat(group().points()).containsExactly(2, 1);
        assertThat(group().callByPoints()).isEqualTo(Changeover.Call.SOON);
        then(new CountSet(1, 2, OptionalInt.empty(), List.of(1, 2)), new TeamScored(1));
        assertThat(group().points()).containsExactly(2, 3);
        assertThat(group().callByPoints()).isEqualTo(Changeover.Call.STOP);
        assertThat(group().isLastTurn()).isFalse();
        then(new TurnChanged(), new TeamScored(1), new TeamScored(1), new TeamScored(1));
        assertThat(group().isLastTurn()).isTrue();
        assertThat(group().roundsWon()).containsExactly(0, 1);
        then(new GroupEnded());
        assertThat(group().roundsWon()).containsExactly(0, 2);
        assertThat(group().rounds()).containsExactly(List.of(2, 3));
    }

    @Test
    void afterTheLastRoundAndAfterTheEndNothingIsAdded() {
        opened(new TeamRace(2, 3, 2), "a", "b").then(new TurnChanged(), new TeamScored(0), new TurnChanged());
        assertThat(group().evening().turns()).hasSize(1);
        assertThat(group().points()).as("the second round goes on").containsExactly(1, 0);
        then(new GroupEnded(), new TeamScored(1), new MemberLeft("a"), new MemberCame("c"));
        assertThat(group().points()).containsExactly(1, 0);
        assertThat(group().evening().players()).containsExactly("a", "b");
        then(new Undone("e5"), new TeamScored(1));
        assertThat(group().points())
                .as("what came after an end that is taken back counts")
                .containsExactly(1, 2);
    }

    @Test
    void aGroupIsOfPlayersOnceEachAndOfAsManyAsItsFormTakes() {
        assertThatThrownBy(() -> new GroupOpened(ONE_HITS, "", List.of("a", "a")))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("players.1");
        assertThatThrownBy(() -> new GroupOpened(ONE_HITS, "", List.of("a"))).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> then(new TurnChanged()).group())
                .isInstanceOf(Refused.class)
                .hasMessageContaining("group.opened");
    }
}
