package bersaglio.browser;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.EventBody;
import bersaglio.core.charting.GroupEvent;
import bersaglio.core.charting.SharedEvent;
import bersaglio.core.group.Changeover;
import bersaglio.core.group.Form;
import bersaglio.core.group.Pairings;
import bersaglio.core.group.Rotation;
import bersaglio.core.group.TeamRace;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.IntStream;

/** A random evening of a group, with events of every kind that a group has. */
final class RandomGroup {

    private static final int MOST_PLAYERS = 14;

    private final Random random;
    private final List<ChartEvent> events = new ArrayList<>();

    RandomGroup(Random random) {
        this.random = random;
    }

    List<ChartEvent> events(int count) {
        Form form = form();
        int least = Math.max(form.fewest(), 3);
        int players = Math.min(form.most(), least + random.nextInt(MOST_PLAYERS - least));
        add(new GroupEvent.GroupOpened(
                form, "", IntStream.range(0, players).mapToObj(i -> "p" + i).toList()));
        while (events.size() < count) {
            add(another());
        }
        return events;
    }

    private Form form() {
        Changeover change = new Changeover(Changeover.By.BALLS, 5, random.nextInt(3));
        return switch (random.nextInt(3)) {
            case 0 ->
                new Rotation(
                        1 + random.nextInt(2), 1 + random.nextInt(2), random.nextInt(2), random.nextInt(2), change);
            case 1 -> new Pairings(1 + random.nextInt(3), random.nextBoolean(), change);
            default -> new TeamRace(2 + random.nextInt(2), 3, 4);
        };
    }

    private EventBody another() {
        String player = "p" + random.nextInt(MOST_PLAYERS);
        String earlier = events.get(random.nextInt(events.size())).id();
        return switch (random.nextInt(10)) {
            case 0 -> new GroupEvent.MemberCame(player);
            case 1 -> new GroupEvent.MemberLeft(player);
            case 2, 3 -> new GroupEvent.TeamScored(random.nextInt(3));
            case 4 ->
                new SharedEvent.CountSet(random.nextInt(2), random.nextInt(5), OptionalInt.empty(), List.of(1, 2));
            case 5 -> new SharedEvent.Undone(earlier);
            case 6 -> random.nextBoolean() ? new SharedEvent.SetPaused() : new SharedEvent.SetResumed();
            default -> random.nextInt(20) == 0 ? new GroupEvent.GroupEnded() : new GroupEvent.TurnChanged();
        };
    }

    private void add(EventBody what) {
        int seq = events.size() + 1;
        events.add(new ChartEvent("e" + seq, "s1", "r1", 1, "d1", seq, seq * 900L, 1_795_600_000_000L, what));
    }
}
