package bersaglio.server.demo;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.EventBody;
import bersaglio.core.charting.GroupEvent.GroupEnded;
import bersaglio.core.charting.GroupEvent.GroupOpened;
import bersaglio.core.charting.GroupEvent.MemberCame;
import bersaglio.core.charting.GroupEvent.MemberLeft;
import bersaglio.core.charting.GroupEvent.TeamScored;
import bersaglio.core.charting.GroupEvent.TurnChanged;
import bersaglio.core.group.Changeover;
import bersaglio.core.group.Form;
import bersaglio.core.group.Pairings;
import bersaglio.core.group.Rotation;
import bersaglio.core.group.TeamRace;
import com.github.f4b6a3.uuid.UuidCreator;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** How the made-up club ends an evening: on Tuesdays in rotation, on Thursdays in pairs, on Saturdays in teams. */
final class DemoGroup {

    private static final UUID DEVICE = UUID.nameUUIDFromBytes(new byte[] {2});
    private static final long MINUTE = 60_000;

    private final UUID session;
    private final UUID run;
    private final long openedAt;
    private final List<ChartEvent> events = new ArrayList<>();

    private DemoGroup(UUID session, Instant start) {
        this.session = session;
        this.openedAt = start.toEpochMilli();
        this.run = UuidCreator.getTimeOrderedEpoch(start);
    }

    static List<ChartEvent> of(LocalDate day, UUID session, Instant start) {
        DemoGroup group = new DemoGroup(session, start);
        List<String> players = new ArrayList<>();
        DemoPlayer.CLUB.forEach(player -> players.add(player.id().toString()));
        if (day.getDayOfWeek() == DayOfWeek.TUESDAY) {
            group.rotation(players);
        } else if (day.getDayOfWeek() == DayOfWeek.THURSDAY) {
            group.pairs(players);
        } else {
            group.teams(players);
        }
        group.add(44, new GroupEnded());
        return group.events;
    }

    private void open(Form form, List<String> players) {
        add(0, new GroupOpened(form, "", players));
    }

    /** One comes after the second turn, and one leaves after the fifth. */
    private void rotation(List<String> players) {
        open(
                new Rotation(1, 1, 1, 1, new Changeover(Changeover.By.MINUTES, 5, 20)),
                players.subList(1, players.size()));
        for (int turn = 1; turn < 8; turn++) {
            add(5 * turn, new TurnChanged());
            if (turn == 2) {
                add(5 * turn + 1, new MemberCame(players.get(0)));
            } else if (turn == 5) {
                add(5 * turn + 2, new MemberLeft(players.get(2)));
            }
        }
    }

    private void pairs(List<String> players) {
        open(new Pairings(players.size() / 4, true, new Changeover(Changeover.By.MINUTES, 12, 60)), players);
        for (int turn = 1; turn < 4; turn++) {
            add(12 * turn, new TurnChanged());
        }
    }

    private void teams(List<String> players) {
        open(new TeamRace(2, 7, 3), players);
        for (int round = 0; round < 3; round++) {
            for (int point = 0; point < 11; point++) {
                add(14 * round + point, new TeamScored((point * 5 + round) % 3 == 0 ? 1 : 0));
            }
            if (round < 2) {
                add(14 * round + 13, new TurnChanged());
            }
        }
    }

    private void add(int minutes, EventBody what) {
        long at = minutes * MINUTE;
        events.add(new ChartEvent(
                UuidCreator.getTimeOrderedEpoch(Instant.ofEpochMilli(openedAt + at))
                        .toString(),
                session.toString(),
                run.toString(),
                1,
                DEVICE.toString(),
                events.size() + 1,
                at,
                openedAt + at,
                what));
    }
}
