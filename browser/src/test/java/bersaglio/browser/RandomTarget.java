package bersaglio.browser;

import bersaglio.core.court.Area;
import bersaglio.core.court.Circle;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Side;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.target.AimPoint;
import bersaglio.core.target.Bounce;
import bersaglio.core.target.ByStance;
import bersaglio.core.target.Effect;
import bersaglio.core.target.GoodBands;
import bersaglio.core.target.HeightBand;
import bersaglio.core.target.InOrder;
import bersaglio.core.target.InUse;
import bersaglio.core.target.KeepAway;
import bersaglio.core.target.OneArea;
import bersaglio.core.target.PastLine;
import bersaglio.core.target.Rings;
import bersaglio.core.target.Stance;
import bersaglio.core.target.Strip;
import bersaglio.core.target.Target.OnSurface;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** A target set of random kinds and shapes about the rear corner of a badminton court. */
final class RandomTarget {

    private static final int KINDS = 11;

    private final Random random;
    private final double size;

    RandomTarget(Random random, double size) {
        this.random = random;
        this.size = size;
    }

    TargetSet set() {
        int kind = random.nextInt(KINDS);
        String region = List.of("singles", "doubles").get(random.nextInt(2));
        Tie tie = Tie.values()[random.nextInt(Tie.values().length)];
        List<Zone> zones = new ArrayList<>();
        List<Integer> precedence = new ArrayList<>();
        if (kind == KINDS - 1) {
            zones.add(new Zone(1, "In order", Plane.FLOOR, tie, inOrder(region)));
        } else {
            zones.add(new Zone(1, "First", Plane.FLOOR, tie, asks(kind)));
            if (kind != KINDS - 2 && random.nextBoolean()) {
                zones.add(new Zone(4, "Second", Plane.FLOOR, tie, asks(random.nextInt(KINDS - 2))));
                precedence.addAll(random.nextBoolean() ? List.of(4, 1) : List.of(1, 4));
            }
        }
        return new TargetSet(
                "random",
                1,
                "Random",
                Courts.BADMINTON,
                new InUse(new InUse.Named(region), Tie.COURT),
                random.nextInt(5) == 0 ? Bounce.SECOND : Bounce.FIRST,
                zones,
                precedence,
                Optional.of(new Stance(List.of(new Point(0.3, 4.5), new Point(-1, 2.2)), 1.4)));
    }

    private OnSurface asks(int kind) {
        Area area = area();
        return switch (kind) {
            case 0, 1 -> new OneArea(area);
            case 2 -> new Strip("back", Side.SHORT, size);
            case 3 -> new PastLine("centre", random.nextBoolean() ? Side.LEFT : Side.RIGHT);
            case 4 ->
                new Rings(List.of(
                        new Rings.Ring(area.scaled(0.4), 5),
                        new Rings.Ring(area.scaled(0.7), 3),
                        new Rings.Ring(area, 1)));
            case 5 -> new KeepAway(area);
            case 6 -> new GoodBands(area, area.scaled(0.3));
            case 7 -> new AimPoint(area.middle(), area);
            case 8 ->
                new ByStance(Stance.Anchor.values()[random.nextInt(4)], new Rectangle(-0.5, -size, 0.7, size / 2));
            default -> new Effect(Effect.What.values()[random.nextInt(3)]);
        };
    }

    private InOrder inOrder(String region) {
        return new InOrder(List.of(
                new InOrder.Part(Plane.OVER_NET, "over", new HeightBand(1.5, 3)),
                new InOrder.Part(Plane.FLOOR, region, new OneArea(area()))));
    }

    private Area area() {
        Rectangle square = new Rectangle(2.59 - size, 6.7 - size, 2.59, 6.7);
        return switch (random.nextInt(3)) {
            case 0 -> square;
            case 1 -> new Circle(square.middle(), size / 2);
            default ->
                Polygon.of(
                        new Point(square.left(), square.near() + size * random.nextDouble() / 2),
                        new Point(square.right(), square.near()),
                        new Point(square.right(), square.far()),
                        new Point(square.left() + size / 3 * random.nextDouble(), square.far()));
        };
    }
}
