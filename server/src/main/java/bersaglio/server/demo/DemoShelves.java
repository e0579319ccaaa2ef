package bersaglio.server.demo;

import bersaglio.core.court.Circle;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Side;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.measure.LocalMeasure;
import bersaglio.core.place.Place;
import bersaglio.core.target.Bounce;
import bersaglio.core.target.HeightBand;
import bersaglio.core.target.InOrder;
import bersaglio.core.target.InOrder.Part;
import bersaglio.core.target.InUse;
import bersaglio.core.target.KeepAway;
import bersaglio.core.target.OneArea;
import bersaglio.core.target.Rings;
import bersaglio.core.target.Rings.Ring;
import bersaglio.core.target.Strip;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import bersaglio.server.Settings;
import bersaglio.server.storage.Preparation;
import bersaglio.server.storage.Shelf;
import bersaglio.server.storage.Writer;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** The places of Torrealta, and some targets that are laid there. */
@Component
@Order(4)
class DemoShelves implements Preparation {

    private final Settings settings;
    private final Shelf<Place> places;
    private final Shelf<TargetSet> targets;
    private final Writer writer;

    DemoShelves(Settings settings, Shelf<Place> places, Shelf<TargetSet> targets, Writer writer) {
        this.settings = settings;
        this.places = places;
        this.targets = targets;
        this.writer = writer;
    }

    @Override
    public void prepare() {
        if (settings.demo() && places.all().isEmpty()) {
            writer.run(() -> {
                places().forEach(place -> places.keep(place, OptionalInt.empty()));
                targets().forEach(target -> targets.keep(target, OptionalInt.empty()));
            });
        }
    }

    private static List<Place> places() {
        return List.of(
                new Place(
                        "hall-court-2",
                        1,
                        "Hall court 2",
                        Courts.BADMINTON,
                        List.of(new LocalMeasure("tile", "tiles", 0.3)),
                        OptionalDouble.of(0.18)),
                new Place(
                        "hall-court-3",
                        1,
                        "Hall court 3",
                        Courts.BADMINTON,
                        List.of(new LocalMeasure("tile", "tiles", 0.3)),
                        OptionalDouble.empty()),
                new Place(
                        "lakeside-padel",
                        1,
                        "Lakeside padel court",
                        Courts.named("padel"),
                        List.of(new LocalMeasure("pole", "poles", 2)),
                        OptionalDouble.empty()));
    }

    private static List<TargetSet> targets() {
        Circle middle = new Circle(new Point(0, 0.9), 0.3);
        return List.of(
                TargetSet.of(
                        "net-drop",
                        "Net drop rings",
                        Courts.BADMINTON,
                        "singles",
                        new Zone(
                                1,
                                "Net drop",
                                Plane.FLOOR,
                                Tie.COURT,
                                new Rings(List.of(
                                        new Ring(middle, 3),
                                        new Ring(middle.scaled(2), 2),
                                        new Ring(middle.scaled(3), 1))))),
                new TargetSet(
                        "short-serve",
                        1,
                        "Short serve, low over the net",
                        Courts.BADMINTON,
                        InUse.named("right-box"),
                        Bounce.FIRST,
                        List.of(new Zone(
                                1,
                                "Short serve",
                                Plane.FLOOR,
                                Tie.COURT,
                                new InOrder(List.of(
                                        new Part(Plane.OVER_NET, "over", new HeightBand(1.5, 1.85)),
                                        new Part(
                                                Plane.FLOOR,
                                                "right-box",
                                                new OneArea(new Rectangle(0, 1.98, 1.2, 2.6))))))),
                        List.of(),
                        Optional.empty()),
                new TargetSet(
                        "padel-depth",
                        1,
                        "Deep, never in the middle",
                        Courts.named("padel"),
                        InUse.named("whole"),
                        Bounce.FIRST,
                        List.of(
                                new Zone(1, "Deep", Plane.FLOOR, Tie.COURT, new Strip("back-wall", Side.SHORT, 2.5)),
                                new Zone(
                                        2,
                                        "Middle",
                                        Plane.FLOOR,
                                        Tie.COURT,
                                        new KeepAway(new Rectangle(-1.5, 7, 1.5, 10)))),
                        List.of(2, 1),
                        Optional.empty()));
    }
}
