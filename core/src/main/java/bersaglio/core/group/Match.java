package bersaglio.core.group;

import java.util.ArrayList;
import java.util.List;

/** Who plays whom, by the places of the players from 0: one each, or two. */
record Match(List<Integer> one, List<Integer> other) {

    List<Integer> all() {
        List<Integer> all = new ArrayList<>(one);
        all.addAll(other);
        return all;
    }
}
