package bersaglio.core.group;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Who is where between two changes. */
public record Turn(List<Spot> spots) {

    public Turn {
        spots = List.copyOf(spots);
    }

    public Optional<Spot> of(String player) {
        return spots.stream().filter(spot -> spot.player().equals(player)).findFirst();
    }

    public int onCourt() {
        return (int) spots.stream().filter(Spot::isOnCourt).count();
    }

    /** Those on court, by the number of their court. */
    public List<List<Spot>> courts() {
        List<List<Spot>> courts = new ArrayList<>();
        for (Spot spot : spots) {
            if (spot.isOnCourt()) {
                while (courts.size() < spot.court()) {
                    courts.add(new ArrayList<>());
                }
                courts.get(spot.court() - 1).add(spot);
            }
        }
        return courts;
    }

    Turn with(Spot another) {
        List<Spot> more = new ArrayList<>(spots);
        more.add(another);
        return new Turn(more);
    }

    public Turn without(String player) {
        return new Turn(
                spots.stream().filter(spot -> !spot.player().equals(player)).toList());
    }
}
