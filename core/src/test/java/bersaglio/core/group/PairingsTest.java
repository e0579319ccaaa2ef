package bersaglio.core.group;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PairingsTest {

    private static final Changeover A_QUARTER = new Changeover(Changeover.By.MINUTES, 15, 60);

    private static List<String> players(int count) {
        return IntStream.range(0, count).mapToObj(i -> "p" + i).toList();
    }

    private static Evening played(Form form, Evening evening, int rounds) {
        Evening after = evening;
        for (int round = 0; round < rounds; round++) {
            after = after.after(form.next(after));
        }
        return after;
    }

    private static List<Integer> meetings(Evening evening, boolean asPartners) {
        int[][] met = evening.met(asPartners);
        List<Integer> all = new ArrayList<>();
        for (int a = 0; a < met.length; a++) {
            for (int b = 0; b < a; b++) {
                all.add(met[a][b]);
            }
        }
        return all;
    }

    private static int restsApart(Evening evening) {
        var rests = evening.players().stream()
                .mapToInt(player -> evening.had(player, Post.WAITING))
                .summaryStatistics();
        return rests.getMax() - rests.getMin();
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13})
    void everybodyMeetsEverybodyOnceBeforeAnyoneTwice(int size) {
        Pairings singles = new Pairings(size / 2, false, A_QUARTER);
        int rounds = size % 2 == 0 ? size - 1 : size;
        Evening evening = Evening.of(players(size));
        for (int round = 0; round < rounds; round++) {
            evening = evening.after(singles.next(evening));
            assertThat(meetings(evening, false)).allMatch(met -> met <= 1);
            assertThat(restsApart(evening)).isLessThanOrEqualTo(1);
        }
        assertThat(meetings(evening, false)).containsOnly(1);
    }

    @ParameterizedTest
    @CsvSource({"4, 1", "8, 2", "12, 3", "16, 4"})
    void everyTwoArePartnersOnceAndOpponentsTwice(int size, int courts) {
        Pairings doubles = new Pairings(courts, true, A_QUARTER);
        Evening evening = played(doubles, Evening.of(players(size)), size - 1);
        assertThat(meetings(evening, true)).containsOnly(1);
        assertThat(meetings(evening, false)).containsOnly(2);
        assertThat(evening.turns()).allSatisfy(turn -> {
            assertThat(turn.courts()).hasSize(courts).allMatch(court -> court.size() == 4);
            assertThat(turn.spots()).hasSize(size);
        });
    }

    /** Numbers for which no such rounds are known, and fewer courts than would be needed. */
    @ParameterizedTest
    @CsvSource({
        "5, 1, true",
        "6, 1, true",
        "7, 1, true",
        "9, 2, true",
        "10, 2, true",
        "11, 2, true",
        "12, 2, true",
        "6, 2, false",
        "9, 3, false",
        "14, 3, true",
        "20, 4, true"
    })
    void othersRestWithinOneRoundOfEachOther(int size, int courts, boolean doubles) {
        Pairings pairings = new Pairings(courts, doubles, A_QUARTER);
        Evening evening = Evening.of(players(size));
        for (int round = 0; round < 12; round++) {
            evening = evening.after(pairings.next(evening));
            assertThat(restsApart(evening)).isLessThanOrEqualTo(1);
        }
    }

    /** Six players on one court of doubles: 15 pairs of partners, two of them in each round. */
    @Test
    void partnersAreNewWhileThereAreNewOnes() {
        Evening evening = played(new Pairings(1, true, A_QUARTER), Evening.of(players(6)), 7);
        assertThat(meetings(evening, true)).allMatch(met -> met <= 1);
    }

    /** The next round is the best there is: each other one is gone through by hand for five players on two courts of singles. */
    @Test
    void theNextRoundIsTheBestThereIs() {
        Random chance = new Random(5);
        for (int one = 0; one < 50; one++) {
            Evening evening = Evening.of(players(5)).without("p0").with("p0");
            for (int turn = 0; turn < 6; turn++) {
                List<String> order = new ArrayList<>(players(5));
                java.util.Collections.shuffle(order, chance);
                evening = evening.after(round(order));
            }
            Turn next = new Pairings(2, false, A_QUARTER).next(evening);
            long best = Long.MAX_VALUE;
            for (List<String> order : orders(players(5))) {
                best = Math.min(best, cost(evening, round(order)));
            }
            assertThat(cost(evening, next)).isEqualTo(best);
        }
    }

    private static Turn round(List<String> order) {
        return new Turn(List.of(
                new Spot(order.get(0), Post.PLAYER, 1, 0),
                new Spot(order.get(1), Post.PLAYER, 1, 1),
                new Spot(order.get(2), Post.PLAYER, 2, 0),
                new Spot(order.get(3), Post.PLAYER, 2, 1),
                Spot.waiting(order.get(4))));
    }

    private static List<List<String>> orders(List<String> of) {
        if (of.isEmpty()) {
            return List.of(List.of());
        }
        List<List<String>> all = new ArrayList<>();
        for (String first : of) {
            List<String> rest = new ArrayList<>(of);
            rest.remove(first);
            for (List<String> order : orders(rest)) {
                List<String> whole = new ArrayList<>(List.of(first));
                whole.addAll(order);
                all.add(whole);
            }
        }
        return all;
    }

    /** Rests out of turn first, then meetings again. */
    private static long cost(Evening evening, Turn turn) {
        int[][] met = evening.met(false);
        long cost = 0;
        for (Spot spot : turn.spots()) {
            if (!spot.isOnCourt()) {
                cost += 1000L * evening.had(spot.player(), Post.WAITING);
            }
        }
        for (List<Spot> court : turn.courts()) {
            List<String> players = evening.players();
            cost += met[players.indexOf(court.get(0).player())][
                    players.indexOf(court.get(1).player())];
        }
        return cost;
    }

    @Test
    void whenOneLeavesTheOtherMatchGoesOnAndWhoRestsComesIn() {
        Pairings doubles = new Pairings(2, true, A_QUARTER);
        Evening evening = Evening.of(players(10));
        Turn on = doubles.next(evening);
        String leaver = on.courts().get(0).get(0).player();
        Turn again = doubles.again(evening.without(leaver), on.without(leaver));
        assertThat(again.courts().get(1)).containsExactlyElementsOf(on.courts().get(1));
        assertThat(again.courts().get(0)).hasSize(4);
        assertThat(again.spots())
                .extracting(Spot::player)
                .doesNotContain(leaver)
                .hasSize(9);
    }

    @Test
    void whatWasPlayedIsKeptWhenTwoComeLateAndOneLeaves() {
        Pairings doubles = new Pairings(2, true, A_QUARTER);
        Evening evening = played(doubles, Evening.of(players(7)), 3);
        Evening changed = evening.with("late1").with("late2").without("p3");
        Evening on = played(doubles, changed, 4);
        assertThat(on.turns().subList(0, 3)).isEqualTo(evening.turns());
        assertThat(on.turns().subList(3, 7))
                .allSatisfy(turn -> assertThat(turn.courts()).hasSize(2).allMatch(court -> court.size() == 4));
        assertThat(meetings(on, true)).allMatch(met -> met <= 1);
    }
}
