package bersaglio.server.charting;

import bersaglio.core.charting.ChartEvent;
import bersaglio.core.charting.SharedEvent;
import bersaglio.core.problem.Problem;
import bersaglio.core.problem.Refused;
import bersaglio.server.storage.NotWritten;
import bersaglio.server.storage.Writer;
import bersaglio.wire.EventCodec;
import com.eclipsesource.json.JsonValue;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * Takes events from devices: each is stored once, in order, with the results that follow from it, or answered with its
 * problem; nothing is acknowledged before it is on disc.
 */
@Service
public class Charting {

    /** What became of an event: {@code KEEP} asks the sender to keep it and try again later. */
    public enum Fate {
        STORED,
        KNOWN,
        REFUSED,
        KEEP
    }

    /**
     * The fate of one event of a batch.
     *
     * @param apart whether it is kept apart as a claim, since another device writes the run now
     */
    public record Answer(String id, Fate fate, boolean apart, Optional<Problem> problem) {

        boolean isTaken() {
            return fate == Fate.STORED || fate == Fate.KNOWN;
        }
    }

    private static final Logger LOG = LoggerFactory.getLogger(Charting.class);

    private final EventLog log;
    private final RecentRuns recent;
    private final ChartKinds kinds;
    private final Clock clock;
    private final Writer writer;

    Charting(EventLog log, RecentRuns recent, ChartKinds kinds, Clock clock, Writer writer) {
        this.log = log;
        this.recent = recent;
        this.kinds = kinds;
        this.clock = clock;
        this.writer = writer;
    }

    public List<Answer> receive(List<JsonValue> events) {
        List<Arrival> batch = events.stream().map(Arrival::of).toList();
        Intake intake = writer.write(() -> takeWhatCanBe(batch, Set.of()));
        intake.runs().forEach(RunIntake::keep);
        return intake.answers();
    }

    /** The events of a run, in order; empty when there is no such run. */
    public List<ChartEvent> eventsOf(UUID run) {
        return log.ofRun(run);
    }

    /** The events of some runs, each in its order. */
    public Map<UUID, List<ChartEvent>> eventsOf(Collection<UUID> runs) {
        return log.ofRuns(runs);
    }

    public boolean hasRuns() {
        return log.countRuns() > 0;
    }

    /** @param heldBack runs of which something was not taken, so that what comes after it waits for it */
    private record Intake(List<Answer> answers, List<RunIntake<?>> runs, Set<String> heldBack) {

        Intake and(Intake later) {
            return new Intake(joined(answers, later.answers), joined(runs, later.runs), later.heldBack);
        }

        private static <T> List<T> joined(List<T> some, List<T> others) {
            return Stream.concat(some.stream(), others.stream()).toList();
        }
    }

    /** What cannot be stored is found by halves and refused by itself; all else is stored. */
    private Intake takeWhatCanBe(List<Arrival> batch, Set<String> heldBack) {
        try {
            return writer.attempt(() -> take(batch, heldBack));
        } catch (RuntimeException failure) {
            if (NotWritten.isOutage(failure)) {
                throw failure;
            }
            if (batch.size() == 1) {
                Set<String> now = new HashSet<>(heldBack);
                now.add(batch.get(0).run());
                return new Intake(List.of(cannotBeStored(batch.get(0), failure)), List.of(), now);
            }
            int half = batch.size() / 2;
            Intake first = takeWhatCanBe(batch.subList(0, half), heldBack);
            return first.and(takeWhatCanBe(batch.subList(half, batch.size()), first.heldBack()));
        }
    }

    private static Answer cannotBeStored(Arrival arrival, RuntimeException failure) {
        if (failure instanceof Refused refused) {
            return refused(arrival.id(), refused.problem());
        }
        LOG.error("An event cannot be stored: {}", arrival, failure);
        return refused(arrival.id(), new Problem("cannot_be_stored", "id", arrival.id(), "an event of this set"));
    }

    private Intake take(List<Arrival> batch, Set<String> heldBefore) {
        List<Answer> answers = new ArrayList<>();
        Set<String> heldBack = new HashSet<>(heldBefore);
        SessionIntakes sessions = new SessionIntakes(log.find(idsOf(batch)));
        for (Arrival arrival : batch) {
            Answer answer = takeOne(arrival, sessions, heldBack);
            answers.add(answer);
            if (!answer.isTaken()) {
                heldBack.add(arrival.run());
            }
        }
        return new Intake(answers, sessions.store(), heldBack);
    }

    private static Set<UUID> idsOf(List<Arrival> batch) {
        Set<UUID> ids = new HashSet<>();
        for (Arrival arrival : batch) {
            if (arrival instanceof Arrival.Readable readable) {
                Ids.find(readable.event().id()).ifPresent(ids::add);
            }
        }
        return ids;
    }

    /** @param heldBack runs of which an earlier event was not taken: out of its order nothing is */
    private Answer takeOne(Arrival arrival, SessionIntakes sessions, Set<String> heldBack) {
        if (arrival instanceof Arrival.Unreadable unreadable) {
            return unreadable.problem().code().equals(EventCodec.NEWER)
                    ? keep(unreadable.id(), unreadable.problem())
                    : refused(unreadable.id(), unreadable.problem());
        }
        ChartEvent event = ((Arrival.Readable) arrival).event();
        if (heldBack.contains(event.run())) {
            return keep(event.id(), new Problem("behind_kept", "run", event.run(), "its earlier events first"));
        }
        try {
            Fate fate = sessions.take(event);
            boolean apart = fate == Fate.STORED && sessions.isApart(event);
            return new Answer(event.id(), fate, apart, Optional.empty());
        } catch (Refused refused) {
            return refused(event.id(), refused.problem());
        }
    }

    private static Answer refused(String id, Problem problem) {
        return new Answer(id, Fate.REFUSED, false, Optional.of(problem));
    }

    private static Answer keep(String id, Problem problem) {
        return new Answer(id, Fate.KEEP, false, Optional.of(problem));
    }

    /** The sessions that a batch writes to, while it does. */
    private final class SessionIntakes {

        private final Map<UUID, Long> nextPositions = new HashMap<>();
        private final Map<UUID, RunIntake<?>> runs = new LinkedHashMap<>();
        private final Map<UUID, ChartEvent> taken;
        private final List<EventLog.Placed> placed = new ArrayList<>();

        /** @param stored those of the batch that the log has already */
        SessionIntakes(Map<UUID, ChartEvent> stored) {
            taken = new HashMap<>(stored);
        }

        Fate take(ChartEvent event) {
            UUID id = Ids.parse("id", event.id());
            Ids.parse("device", event.device());
            ChartEvent known = taken.get(id);
            if (known != null) {
                if (known.equals(event)) {
                    return Fate.KNOWN;
                }
                throw new Refused("id_reused", "id", event.id(), "the event already stored under this id, unchanged");
            }
            RunIntake<?> run = runFor(event);
            run.now.check(event);
            UUID session = Ids.parse("session", event.session());
            long position = nextPosition(session);
            nextPositions.put(session, position + 1);
            placed.add(new EventLog.Placed(event, position));
            taken.put(id, event);
            run.add(event, position);
            return Fate.STORED;
        }

        /** Whether what was just taken came of an older pen than the run's. */
        boolean isApart(ChartEvent event) {
            return !(event.what() instanceof SharedEvent.PenTaken)
                    && event.pen() < runFor(event).now.pen();
        }

        private long nextPosition(UUID session) {
            Long known = nextPositions.get(session);
            return known == null ? log.nextPosition(session) : known;
        }

        private RunIntake<?> runFor(ChartEvent event) {
            UUID id = Ids.parse("run", event.run());
            UUID session = Ids.parse("session", event.session());
            RunIntake<?> run = runs.get(id);
            if (run == null) {
                run = load(id, session, event);
                runs.put(id, run);
            }
            if (!run.session.equals(session)) {
                throw new Refused("other_session", "session", event.session(), run.session.toString());
            }
            return run;
        }

        private RunIntake<?> load(UUID id, UUID session, ChartEvent event) {
            Optional<EventLog.RunRow> row = log.run(id);
            if (row.isPresent()) {
                long last = row.get().lastPosition();
                nextPositions.putIfAbsent(row.get().session(), row.get().nextPosition());
                Run<?> run = recent.find(id, last).orElseGet(() -> kinds.of(log.ofRun(id)));
                return new RunIntake<>(id, row.get().session(), run, last);
            }
            Run<?> opened = kinds.openedBy(event.what())
                    .orElseThrow(() -> new Refused("unknown_id", "run", event.run(), "a run that was opened"));
            opened.check(event);
            nextPositions.put(session, nextPosition(session));
            log.openRun(id, session);
            return new RunIntake<>(id, session, opened, 0);
        }

        List<RunIntake<?>> store() {
            log.append(placed, clock.millis());
            nextPositions.forEach(log::setNextPosition);
            List<RunIntake<?>> written =
                    runs.values().stream().filter(RunIntake::hasMore).toList();
            written.forEach(RunIntake::save);
            return written;
        }
    }

    /** One run while a batch adds to it. */
    private final class RunIntake<C> {

        private final UUID id;
        private final UUID session;
        private final Run<C> stored;
        private Run<C> now;
        private long lastPosition;

        RunIntake(UUID id, UUID session, Run<C> stored, long lastPosition) {
            this.id = id;
            this.session = session;
            this.stored = stored;
            this.now = stored;
            this.lastPosition = lastPosition;
        }

        void add(ChartEvent event, long position) {
            now = now.and(event);
            lastPosition = position;
        }

        boolean hasMore() {
            return now != stored;
        }

        void save() {
            now.saveAfter(stored);
        }

        void keep() {
            recent.keep(id, lastPosition, now);
        }
    }
}
