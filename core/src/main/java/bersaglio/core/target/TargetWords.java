package bersaglio.core.target;

import static bersaglio.core.court.AreaWords.IN_METRES;

import bersaglio.core.court.Area;
import bersaglio.core.court.Court;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Side;
import bersaglio.core.court.Surface;
import bersaglio.core.words.Names;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is laid, in words: the set, what is in use, and each zone with what it asks. */
public final class TargetWords {

    private TargetWords() {}

    public static TargetSet read(Reader from, Court court) {
        return from.at(() -> set(from, court));
    }

    private static TargetSet set(Reader from, Court court) {
        String name = from.text();
        String id = from.takes("kept as") ? from.anyName() : Names.id(name);
        int version = from.takes("version") ? from.count() : 1;
        Optional<InUse> inUse =
                from.takes("in use") ? Optional.of(new InUse(part(from, court), tie(from))) : Optional.empty();
        Bounce bounce = from.takes("by the second bounce") ? Bounce.SECOND : Bounce.FIRST;
        List<Zone> zones = new ArrayList<>();
        while (from.takes("zone")) {
            zones.add(zone(from, court));
        }
        if (zones.isEmpty()) {
            throw from.misread();
        }
        List<Integer> precedence = new ArrayList<>();
        if (from.takes("decided by zone")) {
            do {
                precedence.add(from.count());
            } while (from.numberIsNext());
        }
        Optional<Stance> stance = from.takes("opponents at") ? Optional.of(stance(from)) : Optional.empty();
        InUse used = inUse.orElseGet(() -> usual(court.surface(zones.get(0).plane())));
        return new TargetSet(id, version, name, court, used, bounce, zones, precedence, stance);
    }

    private static InUse usual(Surface surface) {
        return InUse.named(surface.firstRegion().id());
    }

    private static InUse.Part part(Reader from, Court court) {
        if (from.takes("past line")) {
            Side side = from.one(Side.values());
            return new InUse.Beyond(from.name(court.lineNames()), side);
        } else if (from.takes("drawn")) {
            return new InUse.Drawn(IN_METRES.read(from));
        }
        return new InUse.Named(from.name(court.regionNames()));
    }

    private static Tie tie(Reader from) {
        return from.one(Tie.values(), Tie.COURT);
    }

    private static Zone zone(Reader from, Court court) {
        int number = from.count();
        String name = from.text();
        Plane plane = from.one(Plane.values(), court.main().plane());
        Tie tie = tie(from);
        return new Zone(number, name, plane, tie, asks(from, court));
    }

    private static Target asks(Reader from, Court court) {
        return from.takes("first") ? InOrder.read(from, court) : onSurface(from, court);
    }

    static Target.OnSurface onSurface(Reader from, Court court) {
        if (from.takes("strip of")) {
            return Strip.read(from, court);
        } else if (from.takes("all")) {
            return PastLine.read(from, court);
        } else if (from.takes("between")) {
            return HeightBand.read(from);
        } else if (from.takes("rings")) {
            return Rings.read(from);
        } else if (from.takes("avoid")) {
            return new KeepAway(IN_METRES.read(from));
        } else if (from.takes("seen from")) {
            return ByStance.read(from);
        } else if (from.takes("receiver")) {
            return new Effect(from.one(Effect.What.values()));
        }
        Area area = IN_METRES.read(from);
        if (from.takes("without")) {
            return new GoodBands(area, IN_METRES.read(from));
        }
        return from.takes("aimed at") ? new AimPoint(IN_METRES.point(from), area) : new OneArea(area);
    }

    private static Stance stance(Reader from) {
        List<Point> opponents = new ArrayList<>();
        do {
            opponents.add(IN_METRES.point(from));
        } while (from.takes("and"));
        from.needs("reach");
        return new Stance(opponents, from.metres());
    }

    public static void write(Sentence to, TargetSet set) {
        to.quoted(set.name());
        if (!set.id().equals(Names.id(set.name()))) {
            to.say("kept as").name(set.id());
        }
        if (set.version() > 1) {
            to.say("version").number(set.version());
        }
        if (!set.inUse().equals(usual(set.surface()))) {
            write(to.comma().say("in use"), set.inUse());
        }
        if (set.bounce() == Bounce.SECOND) {
            to.comma().say("by the second bounce");
        }
        for (Zone zone : set.zones()) {
            write(to.line(2).say("zone"), zone, set.court());
        }
        for (int i = 0; i < set.precedence().size(); i++) {
            (i == 0 ? to.line(2).say("decided by zone") : to.comma())
                    .number(set.precedence().get(i));
        }
        if (set.stance().isPresent()) {
            Stance stance = set.stance().get();
            to.line(2).say("opponents at");
            for (int i = 0; i < stance.opponents().size(); i++) {
                IN_METRES.write(i == 0 ? to : to.say("and"), stance.opponents().get(i));
            }
            to.comma().say("reach").metres(stance.reach());
        }
    }

    private static void write(Sentence to, InUse inUse) {
        inUse.part().write(to);
        to.say(inUse.tie());
    }

    private static void write(Sentence to, Zone zone, Court court) {
        to.number(zone.number()).quoted(zone.name());
        if (zone.plane() != court.main().plane()) {
            to.say(zone.plane());
        }
        zone.asks().write(to.say(zone.tie()).comma());
    }
}
