package bersaglio.server.demo;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Drills;
import bersaglio.server.Settings;
import bersaglio.server.charting.Charting;
import bersaglio.server.charting.Progressions;
import bersaglio.server.players.Players;
import bersaglio.server.players.Players.Player;
import bersaglio.server.storage.Preparation;
import bersaglio.server.storage.Writer;
import bersaglio.wire.EventCodec;
import com.eclipsesource.json.JsonValue;
import com.github.f4b6a3.uuid.UuidCreator;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiFunction;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Fills an empty club with the made-up one of Torrealta: its players and seven weeks of their sets up to today, all of it
 * or nothing.
 */
@Component
@Order(2)
class DemoClub implements Preparation {

    private static final Logger LOG = LoggerFactory.getLogger(DemoClub.class);
    private static final int WEEKS = 7;
    private static final Set<DayOfWeek> CLUB_DAYS =
            EnumSet.of(DayOfWeek.TUESDAY, DayOfWeek.THURSDAY, DayOfWeek.SATURDAY);
    private static final long SEED = 1806;
    private static final int MOST_SETS = 8;
    private static final int GROUP_AT = 95;
    private static final int MATCH_AT = 150;

    private final Settings settings;
    private final Players players;
    private final Drills drills;
    private final Charting charting;
    private final Progressions progressions;
    private final Writer writer;
    private final Clock clock;

    DemoClub(
            Settings settings,
            Players players,
            Drills drills,
            Charting charting,
            Progressions progressions,
            Writer writer,
            Clock clock) {
        this.settings = settings;
        this.players = players;
        this.drills = drills;
        this.charting = charting;
        this.progressions = progressions;
        this.writer = writer;
        this.clock = clock;
    }

    @Override
    public void prepare() {
        if (settings.demo() && !charting.hasRuns()) {
            LOG.info("Making the demo club, with {} weeks of charted sets.", WEEKS);
            writer.run(this::fill);
        }
    }

    private void fill() {
        for (DemoPlayer player : DemoPlayer.CLUB) {
            players.add(new Player(player.id(), player.name(), player.hand()), clock.millis());
        }
        LocalDate today = LocalDate.now(clock);
        Map<LocalDate, UUID> sessions = sessions(today);
        sessions.forEach((day, session) -> send(DemoGroup.of(day, session, at(day, GROUP_AT))));
        playMatches(new ArrayList<>(sessions.entrySet()));
        for (DemoPlayer player : DemoPlayer.CLUB) {
            for (DemoDrill practised : DemoDrill.ALL) {
                if (practised.isFor(player)) {
                    Drill drill = drills.known(practised.drill());
                    progressions.worksOn(player.id(), drill.family());
                    drill.design()
                            .tracks()
                            .forEach(track -> writeDiary(player, drill, track, practised, today, sessions));
                }
            }
        }
    }

    /** The last sessions ended with matches and a game. */
    private void playMatches(List<Map.Entry<LocalDate, UUID>> sessions) {
        String nora = DemoPlayer.CLUB.get(0).id().toString();
        String elio = DemoPlayer.CLUB.get(1).id().toString();
        String livia = DemoPlayer.CLUB.get(2).id().toString();
        String teo = DemoPlayer.CLUB.get(3).id().toString();
        String ada = DemoPlayer.CLUB.get(4).id().toString();
        String ugo = DemoPlayer.CLUB.get(5).id().toString();
        int last = sessions.size() - 1;
        match(sessions.get(last - 5), (session, start) -> DemoMatch.singles(session, start, nora, livia, 2));
        match(sessions.get(last - 3), (session, start) -> DemoMatch.padel(session, start, ugo, ada));
        match(sessions.get(last - 1), (session, start) -> DemoMatch.game(session, start, elio, teo));
        match(sessions.get(last), (session, start) -> DemoMatch.singles(session, start, nora, livia, 3));
    }

    private void match(Map.Entry<LocalDate, UUID> session, BiFunction<UUID, Instant, List<ChartEvent>> played) {
        send(played.apply(session.getValue(), at(session.getKey(), MATCH_AT)));
    }

    private Map<LocalDate, UUID> sessions(LocalDate today) {
        Map<LocalDate, UUID> sessions = new LinkedHashMap<>();
        for (LocalDate day = today.minusWeeks(WEEKS); day.isBefore(today); day = day.plusDays(1)) {
            if (CLUB_DAYS.contains(day.getDayOfWeek())) {
                sessions.put(day, UuidCreator.getTimeOrderedEpoch(at(day, 0)));
            }
        }
        return sessions;
    }

    private void writeDiary(
            DemoPlayer player,
            Drill drill,
            String track,
            DemoDrill practised,
            LocalDate today,
            Map<LocalDate, UUID> sessions) {
        int place = DemoPlayer.CLUB.indexOf(player);
        int other = 100 * DemoDrill.ALL.indexOf(practised)
                + 10 * drill.design().tracks().indexOf(track);
        Random random = new Random(SEED + place + other);
        DemoDiary diary = new DemoDiary(player, practised, drill, track, SEED * 31 + place + other);
        LocalDate last = today;
        for (Map.Entry<LocalDate, UUID> session : sessions.entrySet()) {
            LocalDate day = session.getKey();
            if (random.nextInt(10) < practised.often() && day.isBefore(today.minusDays(practised.daysLeft()))) {
                double weeksGone = 1 - (double) ChronoUnit.DAYS.between(day, today) / (WEEKS * 7);
                int sets = 1 + random.nextInt(2);
                for (int set = 0; set < sets; set++) {
                    send(diary.set(session.getValue(), at(day, practised.minutes() + place * 20 + set * 6), weeksGone));
                }
                last = day;
            }
        }
        if (practised.drill().equals(DemoDrill.READY_ON) && player.firstName().equals(DemoDrill.READY)) {
            playUntilReady(diary, sessions.get(last), at(last, practised.minutes() + place * 20));
        }
    }

    /** The coach has not yet decided about what came of a good evening. */
    private void playUntilReady(DemoDiary diary, UUID session, Instant start) {
        for (int set = 2; set < MOST_SETS && !diary.isReady(); set++) {
            send(diary.goodSet(session, start.plus(6L * set, ChronoUnit.MINUTES)));
        }
    }

    private Instant at(LocalDate day, int minutes) {
        return day.atTime(17, 0).plusMinutes(minutes).atZone(clock.getZone()).toInstant();
    }

    private void send(List<ChartEvent> events) {
        List<JsonValue> batch = new ArrayList<>();
        events.forEach(event -> batch.add(EventCodec.encode(event)));
        charting.receive(batch).forEach(answer -> {
            if (answer.fate() != Charting.Fate.STORED) {
                throw new IllegalStateException("the demo was refused: " + answer);
            }
        });
    }
}
