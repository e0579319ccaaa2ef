package bersaglio.core.group;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.problem.Refused;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RotationTest {

    private static final Changeover EVERY_TEN = new Changeover(Changeover.By.BALLS, 10, 2);
    private static final List<Post> POSTS = List.of(Post.HITTER, Post.FEEDER, Post.OPPONENT, Post.WAITING);

    private static List<String> players(int count) {
        return IntStream.range(0, count).mapToObj(i -> "p" + i).toList();
    }

    /** The most that anybody there had of a post beyond anybody else. */
    private static int apart(Evening evening, Post post) {
        var had = evening.players().stream()
                .mapToInt(player -> evening.had(player, post))
                .summaryStatistics();
        return had.getMax() - had.getMin();
    }

    private static List<String> at(Turn turn, Post post) {
        return turn.spots().stream()
                .filter(spot -> spot.post() == post)
                .map(Spot::player)
                .toList();
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void whileNobodyComesOrGoesEachPostIsSharedWithinOneTurn(int size) {
        for (int hitters = 1; hitters <= 3; hitters++) {
            for (int feeders = 0; feeders <= 2; feeders++) {
                for (int opponents = 0; opponents <= 2 && hitters + feeders + opponents <= size; opponents++) {
                    Rotation rotation = new Rotation(1, hitters, feeders, opponents, EVERY_TEN);
                    Evening evening = Evening.of(players(size));
                    for (int turn = 0; turn < 30; turn++) {
                        Turn next = rotation.next(evening);
                        evening = evening.after(next);
                        assertThat(next.spots())
                                .extracting(Spot::player)
                                .containsExactlyInAnyOrderElementsOf(players(size));
                        assertThat(at(next, Post.HITTER)).hasSize(hitters);
                        assertThat(at(next, Post.FEEDER)).hasSize(feeders);
                        assertThat(at(next, Post.OPPONENT)).hasSize(opponents);
                        for (Post post : POSTS) {
                            assertThat(apart(evening, post))
                                    .as("%s after turn %d of %s with %d", post, turn + 1, rotation, size)
                                    .isLessThanOrEqualTo(1);
                        }
                    }
                }
            }
        }
    }

    /** One comes or goes every third turn, in 200 evenings. */
    @Test
    void whoeverComesAndGoesHittingStaysSharedAndNobodyRestsTwoMoreThanAnother() {
        Random chance = new Random(11);
        Map<Post, Integer> unfair = new EnumMap<>(Post.class);
        int turns = 0;
        for (int one = 0; one < 200; one++) {
            Rotation rotation = new Rotation(1, 1 + chance.nextInt(2), chance.nextInt(3), chance.nextInt(3), EVERY_TEN);
            int came = 2 + chance.nextInt(11);
            Evening evening = Evening.of(players(came));
            for (int turn = 0; turn < 30; turn++) {
                int what = chance.nextInt(6);
                if (what == 0 && evening.here().size() < 12) {
                    evening = evening.with("p" + came++);
                } else if (what == 1 && evening.here().size() > 2) {
                    evening = evening.without(
                            evening.players().get(chance.nextInt(evening.here().size())));
                }
                evening = evening.after(rotation.next(evening));
                turns++;
                assertThat(apart(evening, Post.HITTER)).isLessThanOrEqualTo(1);
                assertThat(apart(evening, Post.WAITING)).isLessThanOrEqualTo(2);
                for (Post post : POSTS) {
                    unfair.merge(post, apart(evening, post) > 1 ? 1 : 0, Integer::sum);
                }
            }
        }
        assertThat(unfair.get(Post.WAITING)).isLessThan(turns / 40);
        assertThat(unfair.get(Post.FEEDER)).isLessThan(turns / 10);
        assertThat(unfair.get(Post.OPPONENT)).isLessThan(turns / 10);
    }

    @Test
    void aCourtIsUsedWhenItCanBeFilled() {
        Rotation two = new Rotation(2, 1, 1, 0, EVERY_TEN);
        assertThat(two.next(Evening.of(players(3))).courts()).hasSize(1);
        assertThat(two.next(Evening.of(players(4))).courts()).hasSize(2).allSatisfy(court -> assertThat(court)
                .extracting(Spot::post)
                .containsExactlyInAnyOrder(Post.HITTER, Post.FEEDER));
    }

    @Test
    void tooFewForACourtAreHittersFirst() {
        Turn turn = new Rotation(1, 1, 1, 1, EVERY_TEN).next(Evening.of(players(2)));
        assertThat(turn.spots()).extracting(Spot::post).containsExactlyInAnyOrder(Post.HITTER, Post.FEEDER);
    }

    /** A hits, B feeds, C opposes, D and E wait; when B goes, one who waits feeds, and the others stay where they are. */
    @Test
    void whoGoesFreesThePlaceAtOnce() {
        Rotation rotation = new Rotation(1, 1, 1, 1, EVERY_TEN);
        Evening evening = Evening.of(players(5));
        Turn on = rotation.next(evening);
        String feeder = at(on, Post.FEEDER).get(0);
        Turn again = rotation.again(evening.without(feeder), on.without(feeder));
        assertThat(at(again, Post.HITTER)).isEqualTo(at(on, Post.HITTER));
        assertThat(at(again, Post.OPPONENT)).isEqualTo(at(on, Post.OPPONENT));
        assertThat(at(on, Post.WAITING)).containsAll(at(again, Post.FEEDER));
        assertThat(at(again, Post.WAITING)).hasSize(1);
    }

    @Test
    void whoComesLateStartsAtTheFewestTurnsAndIsNotTheFirstToRest() {
        Rotation rotation = new Rotation(1, 1, 1, 0, EVERY_TEN);
        Evening evening = Evening.of(players(3));
        for (int turn = 0; turn < 7; turn++) {
            evening = evening.after(rotation.next(evening));
        }
        List<Integer> hits = new ArrayList<>();
        for (String player : evening.players()) {
            hits.add(evening.had(player, Post.HITTER));
        }
        Evening with = evening.with("late");
        assertThat(with.had("late", Post.HITTER))
                .isEqualTo(hits.stream().mapToInt(hit -> hit).min().orElseThrow())
                .isEqualTo(2);
        assertThat(at(rotation.next(with), Post.WAITING)).doesNotContain("late");
    }

    @Test
    void placesAreLimited() {
        assertThatThrownBy(() -> new Rotation(4, 2, 1, 1, EVERY_TEN))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("16 places");
    }

    @Test
    void aChangeIsCalledAheadAndThenDue() {
        Changeover minutes = new Changeover(Changeover.By.MINUTES, 3, 20);
        assertThat(minutes.after(159)).isEqualTo(Changeover.Call.NOTHING);
        assertThat(minutes.after(160)).isEqualTo(Changeover.Call.SOON);
        assertThat(minutes.after(180)).isEqualTo(Changeover.Call.STOP);
        assertThat(new Changeover(Changeover.By.BALLS, 10, 0).after(9)).isEqualTo(Changeover.Call.NOTHING);
        assertThatThrownBy(() -> new Changeover(Changeover.By.BALLS, 10, 10)).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> new Changeover(Changeover.By.MINUTES, 61, 0)).isInstanceOf(Refused.class);
    }
}
