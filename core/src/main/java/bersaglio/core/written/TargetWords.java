package bersaglio.core.written;

import bersaglio.core.court.Area;
import bersaglio.core.court.Court;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.StraightLine;
import bersaglio.core.court.Surface;
import bersaglio.core.problem.Refused;
import bersaglio.core.target.Bounce;
import bersaglio.core.target.InUse;
import bersaglio.core.target.Stance;
import bersaglio.core.target.Target;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is laid, in words: the set, what is in use, and each zone with what it asks. */
final class TargetWords {

    private static final Phrases<Tie> TIE = Phrases.with("turned by the side", Tie.SIDE)
            .and("turned by the hitter's hand", Tie.HITTER_HAND)
            .and("turned by the opponent's hand", Tie.OPPONENT_HAND);
    private static final Phrases<Plane> PLANE = Phrases.with("on the floor", Plane.FLOOR)
            .and("on the table", Plane.TABLE)
            .and("on the front wall", Plane.FRONT_WALL)
            .and("on the left wall", Plane.LEFT_WALL)
            .and("on the right wall", Plane.RIGHT_WALL)
            .and("on the ring", Plane.RING)
            .and("on the own half", Plane.OWN_HALF)
            .and("on the plane over the net", Plane.OVER_NET);
    private static final Phrases<Side> SIDE = Phrases.with("short of", Side.SHORT)
            .and("deep of", Side.DEEP)
            .and("left of", Side.LEFT)
            .and("right of", Side.RIGHT);
    private static final Phrases<Stance.Anchor> ANCHOR = Phrases.with("the opponent", Stance.Anchor.OPPONENT)
            .and("the middle of the pair", Stance.Anchor.BETWEEN)
            .and("the front one", Stance.Anchor.FRONT)
            .and("the gap", Stance.Anchor.GAP);
    private static final Phrases<Target.Effect.What> EFFECT = Phrases.with(
                    "had to move first", Target.Effect.What.MOVED_BEFORE_HITTING)
            .and("let it go", Target.Effect.What.LET_IT_GO)
            .and("could not attack", Target.Effect.What.COULD_NOT_ATTACK);

    private TargetWords() {}

    static TargetSet read(Reader from, Court court) {
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
            Side side = SIDE.read(from);
            return new InUse.Beyond(from.name(lines(court)), side);
        } else if (from.takes("drawn")) {
            return new InUse.Drawn(AreaWords.IN_METRES.read(from));
        }
        return new InUse.Named(from.name(regions(court)));
    }

    private static Tie tie(Reader from) {
        return TIE.isNext(from) ? TIE.read(from) : Tie.COURT;
    }

    private static Zone zone(Reader from, Court court) {
        int number = from.count();
        String name = from.text();
        Plane plane = PLANE.isNext(from) ? PLANE.read(from) : court.main().plane();
        Tie tie = tie(from);
        return new Zone(number, name, plane, tie, asks(from, court));
    }

    private static Target asks(Reader from, Court court) {
        if (!from.takes("first")) {
            return onSurface(from, court);
        }
        List<Target.InOrder.Part> parts = new ArrayList<>();
        do {
            Plane plane = PLANE.read(from);
            from.needs("in");
            String region = from.name(regions(court));
            parts.add(new Target.InOrder.Part(plane, region, onSurface(from, court)));
        } while (from.takes("then it comes"));
        return new Target.InOrder(parts);
    }

    private static Target.OnSurface onSurface(Reader from, Court court) {
        if (from.takes("strip of")) {
            double width = from.metres();
            Side side = SIDE.read(from);
            return new Target.Strip(from.name(lines(court)), side, width);
        } else if (from.takes("all")) {
            Side side = SIDE.read(from);
            return new Target.PastLine(from.name(lines(court)), side);
        } else if (from.takes("between")) {
            double low = from.metres();
            from.needs("and");
            double high = from.metres();
            from.needs("high");
            return new Target.HeightBand(low, high);
        } else if (from.takes("rings")) {
            return rings(from);
        } else if (from.takes("avoid")) {
            return new Target.KeepAway(AreaWords.IN_METRES.read(from));
        } else if (from.takes("seen from")) {
            return new Target.ByStance(ANCHOR.read(from), AreaWords.IN_REACHES.read(from));
        } else if (from.takes("receiver")) {
            return new Target.Effect(EFFECT.read(from));
        }
        Area area = AreaWords.IN_METRES.read(from);
        if (from.takes("without")) {
            return new Target.GoodBands(area, AreaWords.IN_METRES.read(from));
        }
        return from.takes("aimed at")
                ? new Target.AimPoint(AreaWords.IN_METRES.point(from), area)
                : new Target.Spot(area);
    }

    private static Target.Rings rings(Reader from) {
        List<Target.Rings.Ring> rings = new ArrayList<>();
        do {
            Area area = AreaWords.IN_METRES.read(from);
            from.needs("for");
            rings.add(new Target.Rings.Ring(area, from.counted("point", "points")));
        } while (from.takes("around it"));
        return new Target.Rings(rings);
    }

    private static Stance stance(Reader from) {
        List<Point> opponents = new ArrayList<>();
        do {
            opponents.add(AreaWords.IN_METRES.point(from));
        } while (from.takes("and"));
        from.needs("reach");
        return new Stance(opponents, from.metres());
    }

    private static List<String> regions(Court court) {
        List<String> names = new ArrayList<>();
        court.surfaces().forEach(surface -> surface.regions().stream()
                .map(Region::id)
                .filter(id -> !names.contains(id))
                .forEach(names::add));
        return names;
    }

    private static List<String> lines(Court court) {
        List<String> names = new ArrayList<>();
        court.surfaces().forEach(surface -> surface.straightLines().stream()
                .map(StraightLine::name)
                .filter(name -> !names.contains(name))
                .forEach(names::add));
        return names;
    }

    static void write(Sentence to, TargetSet set) {
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
                AreaWords.IN_METRES.write(
                        i == 0 ? to : to.say("and"), stance.opponents().get(i));
            }
            to.comma().say("reach").metres(stance.reach());
        }
    }

    private static void write(Sentence to, InUse inUse) {
        if (inUse.part() instanceof InUse.Named named) {
            to.name(named.region());
        } else if (inUse.part() instanceof InUse.Beyond beyond) {
            to.say("past line").say(SIDE.of(beyond.side())).name(beyond.line());
        } else {
            AreaWords.IN_METRES.write(to.say("drawn"), ((InUse.Drawn) inUse.part()).area());
        }
        tie(to, inUse.tie());
    }

    private static void tie(Sentence to, Tie tie) {
        if (tie != Tie.COURT) {
            to.say(TIE.of(tie));
        }
    }

    private static void write(Sentence to, Zone zone, Court court) {
        to.number(zone.number()).quoted(zone.name());
        if (zone.plane() != court.main().plane()) {
            to.say(PLANE.of(zone.plane()));
        }
        tie(to, zone.tie());
        to.comma();
        if (zone.asks() instanceof Target.InOrder order) {
            for (int i = 0; i < order.parts().size(); i++) {
                Target.InOrder.Part part = order.parts().get(i);
                to.say(i == 0 ? "first" : "then it comes").say(PLANE.of(part.plane()));
                write(to.say("in").name(part.inUse()).comma(), part.asks());
            }
        } else {
            write(to, (Target.OnSurface) zone.asks());
        }
    }

    private static void write(Sentence to, Target.OnSurface asks) {
        if (asks instanceof Target.Spot spot) {
            AreaWords.IN_METRES.write(to, spot.area());
        } else if (asks instanceof Target.Strip strip) {
            to.say("strip of").metres(strip.width()).say(SIDE.of(strip.side())).name(strip.line());
        } else if (asks instanceof Target.PastLine past) {
            to.say("all").say(SIDE.of(past.side())).name(past.line());
        } else if (asks instanceof Target.HeightBand band) {
            to.say("between").number(band.from()).say("and").metres(band.to()).say("high");
        } else if (asks instanceof Target.Rings rings) {
            for (int i = 0; i < rings.rings().size(); i++) {
                Target.Rings.Ring ring = rings.rings().get(i);
                AreaWords.IN_METRES.write(to.say(i == 0 ? "rings" : ", around it"), ring.area());
                to.say("for").counted(ring.points(), "point", "points");
            }
        } else if (asks instanceof Target.KeepAway away) {
            AreaWords.IN_METRES.write(to.say("avoid"), away.area());
        } else if (asks instanceof Target.GoodBands bands) {
            AreaWords.IN_METRES.write(to, bands.whole());
            AreaWords.IN_METRES.write(to.comma().say("without"), bands.middle());
        } else if (asks instanceof Target.AimPoint aim) {
            AreaWords.IN_METRES.write(to, aim.scoring());
            AreaWords.IN_METRES.write(to.comma().say("aimed at"), aim.aim());
        } else if (asks instanceof Target.ByStance stance) {
            AreaWords.IN_REACHES.write(to.say("seen from").say(ANCHOR.of(stance.anchor())), stance.offsets());
        } else if (asks instanceof Target.Effect effect) {
            to.say("receiver").say(EFFECT.of(effect.what()));
        } else {
            throw new Refused("not_allowed", "asks", asks.toString(), "a target on one surface");
        }
    }
}
