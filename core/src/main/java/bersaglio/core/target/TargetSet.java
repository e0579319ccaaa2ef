package bersaglio.core.target;

import bersaglio.core.court.Court;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Region;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Flat;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.shot.From;
import bersaglio.core.shot.Hand;
import bersaglio.core.target.Target.OnSurface;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Supplier;

/**
 * One version of the zones that are laid together. A version never changes: results belong to it.
 *
 * @param id         of the set; its versions share it
 * @param version    1 for the first
 * @param precedence numbers of zones, the first that holds a landing decides; needed of zones that overlap
 * @param stance     where the opponents stand at the start, for zones drawn from them
 */
public record TargetSet(
        String id,
        int version,
        String name,
        @Flat Court court,
        InUse inUse,
        Bounce bounce,
        List<Zone> zones,
        List<Integer> precedence,
        Optional<Stance> stance) {

    private static final int LONGEST_NAME = 60;

    public TargetSet(
            String id,
            int version,
            String name,
            Court court,
            InUse inUse,
            Bounce bounce,
            List<Zone> zones,
            List<Integer> precedence,
            Optional<Stance> stance) {
        Check.requireId("id", id);
        Check.requireAtLeast("version", version, 1);
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new Refused("bad_name", "name", name, "1 to " + LONGEST_NAME + " characters");
        }
        Check.requireBetween("zones", zones.size(), 1, 9);
        this.id = id;
        this.version = version;
        this.name = name;
        this.court = court;
        this.inUse = inUse;
        this.bounce = bounce;
        this.zones = List.copyOf(zones);
        this.precedence = List.copyOf(precedence);
        this.stance = stance;
        requireNumbers();
        requireThatFitTogether();
        for (Conditions conditions : flips()) {
            requireLying(umpire(0, conditions));
        }
    }

    /** One zone on what is in use of a court. */
    public static TargetSet of(String id, String name, Court court, String inUse, Zone zone) {
        return new TargetSet(
                id, 1, name, court, InUse.named(inUse), Bounce.FIRST, List.of(zone), List.of(), Optional.empty());
    }

    public TargetSet as(String newId, int newVersion) {
        return new TargetSet(newId, newVersion, name, court, inUse, bounce, zones, precedence, stance);
    }

    /** The surface on which shots are charted last. */
    public Surface surface() {
        return court.surface(zones.get(0).plane());
    }

    public Region region(Conditions conditions) {
        return inUse.on(surface(), conditions);
    }

    /** Rings that are laid in the first zone, 0 where there are none. */
    public int rings() {
        return zones.get(0).asks() instanceof Rings rings ? rings.rings().size() : 0;
    }

    /**
     * @param ring the one that counts where rings are laid, from 1 for the innermost; 0 for the outermost
     * @throws Refused when a zone cannot lie so, by the path of its field
     */
    public Umpire umpire(int ring, Conditions conditions) {
        Conditions standing =
                conditions.stance().isPresent() || stance.isEmpty() ? conditions : conditions.with(stance.get());
        return zones.get(0).asks() instanceof InOrder order ? inOrder(order, ring, standing) : atOnce(ring, standing);
    }

    private Umpire inOrder(InOrder order, int ring, Conditions conditions) {
        List<Referee> referees = new ArrayList<>();
        for (int i = 0; i < order.parts().size(); i++) {
            InOrder.Part part = order.parts().get(i);
            referees.add(at("zones.0.parts." + i, () -> {
                Surface surface = court.surface(part.plane());
                Region region = surface.region(part.inUse());
                Patch patch = zones.get(0).on(part.asks(), surface, region, ring, conditions);
                return new Referee(surface, region, bounce, List.of(patch), OptionalInt.empty());
            }));
        }
        return new Umpire(referees);
    }

    private Umpire atOnce(int ring, Conditions conditions) {
        Surface surface = at("zones.0.plane", this::surface);
        Region drawn = at("inUse", () -> region(Conditions.AS_DRAWN));
        List<Patch> patches = new ArrayList<>();
        OptionalInt effect = OptionalInt.empty();
        for (Zone zone : byPrecedence()) {
            if (zone.asks() instanceof Effect) {
                effect = effect.isPresent() ? effect : OptionalInt.of(zone.number());
            } else {
                patches.add(at(
                        "zones." + placeOf(zone.number()),
                        () -> zone.on((OnSurface) zone.asks(), surface, drawn, ring, conditions)));
            }
        }
        return new Umpire(List.of(new Referee(surface, region(conditions), bounce, patches, effect)));
    }

    private List<Zone> byPrecedence() {
        List<Zone> ordered = new ArrayList<>();
        for (int number : precedence) {
            ordered.add(zones.get(placeOf(number)));
        }
        for (Zone zone : zones) {
            if (!precedence.contains(zone.number())) {
                ordered.add(zone);
            }
        }
        return ordered;
    }

    /** The same zones elsewhere, all of them. */
    public TargetSet with(Change change) {
        boolean toOtherEnd = change instanceof Change.OtherEnd;
        return new TargetSet(
                id,
                version,
                name,
                court,
                change instanceof Change.Scaled ? inUse : inUse.with(change),
                bounce,
                zones.stream()
                        .map(zone -> toOtherEnd ? onOtherHalf(zone.with(change)) : zone.with(change))
                        .toList(),
                precedence,
                stance);
    }

    /** Some of its zones, for a shot that only they are asked of. */
    public TargetSet only(List<Integer> numbers) {
        List<Zone> some =
                zones.stream().filter(zone -> numbers.contains(zone.number())).toList();
        List<Integer> ranks = precedence.stream().filter(numbers::contains).toList();
        return new TargetSet(id, version, name, court, inUse, bounce, some, ranks, stance);
    }

    /** With one zone elsewhere, or larger, and the others as they are. */
    public TargetSet with(int number, Change change) {
        List<Zone> changed = zones.stream()
                .map(zone -> zone.number() == number ? zone.with(change) : zone)
                .toList();
        return new TargetSet(id, version, name, court, inUse, bounce, changed, precedence, stance);
    }

    private Zone onOtherHalf(Zone zone) {
        Plane ground = court.main().plane();
        boolean onHalf = zone.plane() == ground || zone.plane() == Plane.OWN_HALF;
        if (zone.asks() instanceof InOrder || !court.has(Plane.OWN_HALF) || !onHalf) {
            throw new Refused("not_allowed", "plane", zone.plane().name(), "a target on one half of a court with two");
        }
        return zone.on(zone.plane() == ground ? Plane.OWN_HALF : ground);
    }

    private void requireNumbers() {
        Set<Integer> numbers = new HashSet<>();
        for (int i = 0; i < zones.size(); i++) {
            int number = zones.get(i).number();
            if (!numbers.add(number)) {
                throw new Refused("number_taken", "zones." + i + ".number", "" + number, "a number of its own");
            }
        }
        Set<Integer> ranked = new HashSet<>();
        for (int number : precedence) {
            if (!numbers.contains(number) || !ranked.add(number)) {
                throw new Refused("not_allowed", "precedence", "" + number, "each zone's number, once");
            }
        }
    }

    /** Shots are charted on one surface, unless it is one after the other; and a place and an effect are not one thing. */
    private void requireThatFitTogether() {
        Zone first = zones.get(0);
        for (int i = 0; i < zones.size(); i++) {
            Zone zone = zones.get(i);
            if (zone.asks() instanceof InOrder order) {
                Plane last = order.parts().get(order.parts().size() - 1).plane();
                if (zones.size() > 1) {
                    throw new Refused("not_alone", "zones." + i, zone.name(), "alone in its set");
                }
                if (zone.plane() != last) {
                    throw new Refused(
                            "not_allowed", "zones." + i + ".plane", zone.plane().name(), last.name());
                }
            }
            if (zone.plane() != first.plane()) {
                throw new Refused(
                        "not_allowed",
                        "zones." + i + ".plane",
                        zone.plane().name(),
                        first.plane().name());
            }
            if (zone.asks() instanceof Effect != first.asks() instanceof Effect) {
                throw new Refused("not_allowed", "zones." + i + ".asks", zone.name(), "effects only, or places only");
            }
        }
    }

    /** A set lies with everything that its ties name as drawn, and with it flipped. */
    private List<Conditions> flips() {
        List<Conditions> all = List.of(Conditions.AS_DRAWN);
        Set<Tie> ties = new HashSet<>();
        ties.add(inUse.tie());
        zones.forEach(zone -> ties.add(zone.tie()));
        for (Tie tie : Tie.values()) {
            if (tie != Tie.COURT && ties.contains(tie)) {
                List<Conditions> both = new ArrayList<>(all);
                all.forEach(one -> both.add(flipped(one, tie)));
                all = both;
            }
        }
        return all;
    }

    private static Conditions flipped(Conditions conditions, Tie tie) {
        return switch (tie) {
            case COURT -> conditions;
            case SIDE -> conditions.with(From.LEFT);
            case HITTER_HAND -> conditions.with(Hand.LEFT);
            case OPPONENT_HAND -> conditions.withOpponent(Hand.LEFT);
        };
    }

    /**
     * What was laid otherwise than drawn must still lie on the court.
     *
     * @throws Refused when a zone does not
     */
    public void requireLaid(Conditions conditions) {
        if (!conditions.laid().isEmpty()) {
            requireLying(umpire(0, conditions));
        }
    }

    private void requireLying(Umpire umpire) {
        for (int stage = 0; stage < umpire.stages(); stage++) {
            Referee referee = umpire.referees().get(stage);
            List<Patch> patches = referee.patches();
            for (Patch patch : patches) {
                String field = umpire.stages() > 1 ? "zones.0.parts." + stage : "zones." + placeOf(patch.zone());
                if (!referee.reaches(patch)) {
                    throw new Refused(
                            "off_court",
                            field,
                            patch.ground().whole().extent(),
                            "on what is in use, " + referee.inPlay().area().extent());
                }
            }
            requireRanked(patches);
        }
    }

    private void requireRanked(List<Patch> patches) {
        for (int i = 0; i < patches.size(); i++) {
            for (int j = i + 1; j < patches.size(); j++) {
                int one = patches.get(i).zone();
                int other = patches.get(j).zone();
                boolean ranked = precedence.contains(one) && precedence.contains(other);
                if (!ranked
                        && patches.get(i)
                                .ground()
                                .whole()
                                .overlaps(patches.get(j).ground().whole())) {
                    throw new Refused(
                            "overlapping", "zones." + placeOf(other), "zone " + other, "clear of zone " + one);
                }
            }
        }
    }

    /** Of the zone with this number. */
    public String nameOf(int number) {
        return zones.get(placeOf(number)).name();
    }

    private int placeOf(int number) {
        int place = 0;
        while (zones.get(place).number() != number) {
            place++;
        }
        return place;
    }

    private static <T> T at(String field, Supplier<T> work) {
        try {
            return work.get();
        } catch (Refused refused) {
            throw refused.under(field);
        }
    }
}
