package bersaglio.core.group;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Who is there, in the order in which they came, and the turns so far.
 *
 * @param here   those who are there now
 * @param turns  that were played, whoever was in them
 * @param steady whether nobody has come or gone since it began
 */
public record Evening(List<Member> here, List<Turn> turns, boolean steady) {

    /**
     * Somebody who is there.
     *
     * @param credit what is counted as had by then for each post, in the order of {@link Post}
     */
    public record Member(String player, List<Integer> credit) {

        public Member {
            credit = List.copyOf(credit);
        }
    }

    public Evening {
        here = List.copyOf(here);
        turns = List.copyOf(turns);
    }

    /** Before the first turn. */
    public static Evening of(List<String> players) {
        List<Integer> nothing = Collections.nCopies(Post.values().length, 0);
        return new Evening(
                players.stream().map(player -> new Member(player, nothing)).toList(), List.of(), true);
    }

    public List<String> players() {
        return here.stream().map(Member::player).toList();
    }

    public boolean has(String player) {
        return here.stream().anyMatch(member -> member.player().equals(player));
    }

    /**
     * Somebody comes: from here on as if they had had the fewest turns that anybody there has had, and the most rests,
     * so that who comes late is not the first to rest.
     */
    public Evening with(String player) {
        List<Integer> credit = new ArrayList<>();
        for (Post post : Post.values()) {
            int fewest =
                    here.stream().mapToInt(member -> had(member, post)).min().orElse(0);
            int most = here.stream().mapToInt(member -> had(member, post)).max().orElse(0);
            credit.add((post == Post.WAITING ? most : fewest) - played(player, post));
        }
        List<Member> more = new ArrayList<>(here);
        more.add(new Member(player, credit));
        return new Evening(more, turns, false);
    }

    public Evening without(String player) {
        return new Evening(
                here.stream().filter(member -> !member.player().equals(player)).toList(), turns, false);
    }

    public Evening after(Turn turn) {
        List<Turn> more = new ArrayList<>(turns);
        more.add(turn);
        return new Evening(here, more, steady);
    }

    /** As it was before its last turn. */
    public Evening withoutLast() {
        return new Evening(here, turns.subList(0, turns.size() - 1), steady);
    }

    /** How often somebody who is there has had a post, with what is counted as had. */
    public int had(String player, Post post) {
        return here.stream()
                .filter(member -> member.player().equals(player))
                .mapToInt(member -> had(member, post))
                .findFirst()
                .orElse(0);
    }

    private int had(Member member, Post post) {
        return member.credit().get(post.ordinal()) + played(member.player(), post);
    }

    private int played(String player, Post post) {
        return (int) turns.stream()
                .filter(turn ->
                        turn.of(player).filter(spot -> spot.post() == post).isPresent())
                .count();
    }

    /** How often two of those who are there were on one court together, as partners or against each other. */
    int[][] met(boolean asPartners) {
        List<String> players = players();
        int[][] met = new int[players.size()][players.size()];
        for (Turn turn : turns) {
            for (List<Spot> court : turn.courts()) {
                for (Spot one : court) {
                    for (Spot other : court) {
                        int a = players.indexOf(one.player());
                        int b = players.indexOf(other.player());
                        if (a >= 0 && b >= 0 && a != b && (one.team() == other.team()) == asPartners) {
                            met[a][b]++;
                        }
                    }
                }
            }
        }
        return met;
    }
}
