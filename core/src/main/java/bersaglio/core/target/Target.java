package bersaglio.core.target;

import static bersaglio.core.court.AreaWords.IN_METRES;
import static bersaglio.core.court.AreaWords.IN_REACHES;

import bersaglio.core.court.Area;
import bersaglio.core.court.Court;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Region;
import bersaglio.core.court.Side;
import bersaglio.core.court.StraightLine;
import bersaglio.core.court.Surface;
import bersaglio.core.format.Called;
import bersaglio.core.format.Family;
import bersaglio.core.format.Kind;
import bersaglio.core.problem.Check;
import bersaglio.core.problem.Refused;
import bersaglio.core.words.Reader;
import bersaglio.core.words.Said;
import bersaglio.core.words.Sentence;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;

/** What a zone asks of a shot, as a coach lays it. Lengths in metres, in the frame of the surface it lies on. */
@Family
public sealed interface Target {

    /** In words that read back. */
    void write(Sentence to);

    Target with(Change change);

    /** A target that is looked for on one surface. */
    sealed interface OnSurface extends Target {

        /**
         * @param stance where the opponents stand, for what is drawn from them
         * @return the ground that it takes, as drawn
         */
        Ground on(Surface surface, Region inUse, Optional<Stance> stance);

        /** What has no areas and names no lines stays as it is. */
        @Override
        default OnSurface with(Change change) {
            return this;
        }
    }

    /** A rectangle, a polygon or a circle. */
    @Kind("SPOT")
    record Spot(Area area) implements OnSurface {
        @Override
        public void write(Sentence to) {
            area.write(to, IN_METRES);
        }

        @Override
        public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
            return Ground.good(area);
        }

        @Override
        public OnSurface with(Change change) {
            return new Spot(change.of(area));
        }
    }

    /** What lies within a width of a line, on one side of it. */
    @Kind("STRIP")
    record Strip(String line, Side side, double width) implements OnSurface {
        public Strip {
            Check.requireBetween("width", width, 0.01, 30);
        }

        /** Its words after {@code strip of}. */
        static Strip read(Reader from, Court court) {
            double width = from.metres();
            Side side = from.one(Side.values());
            return new Strip(from.name(court.lineNames()), side, width);
        }

        @Override
        public void write(Sentence to) {
            to.say("strip of").metres(width).say(side).name(line);
        }

        @Override
        public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
            return Ground.good(lineOf(surface, line).stripOf(inUse.area().bounds(), side, width));
        }

        @Override
        public OnSurface with(Change change) {
            return new Strip(change.ofLine(line), change.of(side), change.ofLength(width));
        }
    }

    /** Everything past a line, on one side of it, as far as is in use. */
    @Kind("PAST_LINE")
    record PastLine(String line, Side side) implements OnSurface {

        private static final double EVERYTHING = 150;

        /** Its words after {@code all}. */
        static PastLine read(Reader from, Court court) {
            Side side = from.one(Side.values());
            return new PastLine(from.name(court.lineNames()), side);
        }

        @Override
        public void write(Sentence to) {
            to.say("all").say(side).name(line);
        }

        @Override
        public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
            return Ground.good(lineOf(surface, line).stripOf(inUse.area().bounds(), side, EVERYTHING));
        }

        @Override
        public OnSurface with(Change change) {
            return new PastLine(change.ofLine(line), change.of(side));
        }
    }

    /** A wall, or the plane above a net, between two heights. */
    @Kind("HEIGHT_BAND")
    record HeightBand(double from, double to) implements OnSurface {

        static final List<Plane> UPRIGHT = List.of(Plane.FRONT_WALL, Plane.LEFT_WALL, Plane.RIGHT_WALL, Plane.OVER_NET);

        public HeightBand {
            Check.requireBetween("from", from, 0, 30);
            Check.requireBetween("to", to, 0, 30);
        }

        /** Its words after {@code between}. */
        static HeightBand read(Reader from) {
            double low = from.metres();
            from.needs("and");
            double high = from.metres();
            from.needs("high");
            return new HeightBand(low, high);
        }

        @Override
        public void write(Sentence sentence) {
            sentence.say("between").number(from).say("and").metres(to).say("high");
        }

        @Override
        public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
            if (!UPRIGHT.contains(surface.plane())) {
                throw new Refused("not_allowed", "plane", surface.plane().name(), "a wall, or OVER_NET");
            }
            return Ground.good(new Rectangle(
                    surface.extent().left(), from, surface.extent().right(), to));
        }
    }

    /**
     * Rings about each other, the innermost first, each with its points. All are laid once; which of them counts is for
     * each level to say.
     */
    @Kind("RINGS")
    record Rings(List<Ring> rings) implements OnSurface {

        private static final int MOST_RINGS = 6;

        /** A ring with all that lies in it, for these points. */
        public record Ring(Area area, int points) {
            public Ring {
                Check.requireBetween("points", points, 0, 1000);
            }
        }

        public Rings {
            Check.requireBetween("rings", rings.size(), 2, MOST_RINGS);
            rings = List.copyOf(rings);
            for (int i = 1; i < rings.size(); i++) {
                if (!rings.get(i).area().holds(rings.get(i - 1).area())
                        || rings.get(i).area().size() <= rings.get(i - 1).area().size()) {
                    throw new Refused("not_nested", "rings." + i, "ring " + (i + 1), "all around ring " + i);
                }
            }
        }

        /** Its words after {@code rings}. */
        static Rings read(Reader from) {
            List<Ring> rings = new ArrayList<>();
            do {
                Area area = IN_METRES.read(from);
                from.needs("for");
                rings.add(new Ring(area, from.counted("point", "points")));
            } while (from.takes("around it"));
            return new Rings(rings);
        }

        @Override
        public void write(Sentence to) {
            for (int i = 0; i < rings.size(); i++) {
                rings.get(i).area().write(to.say(i == 0 ? "rings" : ", around it"), IN_METRES);
                to.say("for").counted(rings.get(i).points(), "point", "points");
            }
        }

        @Override
        public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
            Area outermost = rings.get(rings.size() - 1).area();
            return new Ground(outermost, Optional.of(outermost), Optional.empty(), rings, Optional.empty());
        }

        @Override
        public OnSurface with(Change change) {
            return new Rings(rings.stream()
                    .map(ring -> new Ring(change.of(ring.area()), ring.points()))
                    .toList());
        }
    }

    /** A zone to keep away from: every other place in play is good. */
    @Kind("KEEP_AWAY")
    record KeepAway(Area area) implements OnSurface {
        @Override
        public void write(Sentence to) {
            area.write(to.say("avoid"), IN_METRES);
        }

        @Override
        public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
            return new Ground(area, Optional.empty(), Optional.of(area), List.of(), Optional.empty());
        }

        @Override
        public OnSurface with(Change change) {
            return new KeepAway(change.of(area));
        }
    }

    /** Two good bands, or a good ring, with a middle that is not. */
    @Kind("GOOD_BANDS")
    record GoodBands(@Called("area") Area whole, Area middle) implements OnSurface {
        public GoodBands {
            if (!whole.holds(middle) || middle.size() >= whole.size()) {
                throw new Refused("not_nested", "middle", middle.extent(), "a part of the whole");
            }
        }

        @Override
        public void write(Sentence to) {
            whole.write(to, IN_METRES);
            middle.write(to.comma().say("without"), IN_METRES);
        }

        @Override
        public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
            return new Ground(whole, Optional.of(whole), Optional.of(middle), List.of(), Optional.empty());
        }

        @Override
        public OnSurface with(Change change) {
            return new GoodBands(change.of(whole), change.of(middle));
        }
    }

    /** A point to aim at in an area that scores; how far from the point a shot lands is kept with it. */
    @Kind("AIM_POINT")
    record AimPoint(Point aim, @Called("area") Area scoring) implements OnSurface {
        public AimPoint {
            if (!scoring.contains(aim)) {
                throw new Refused("not_nested", "aim", aim.x() + ", " + aim.y(), "a place in the scoring area");
            }
        }

        @Override
        public void write(Sentence to) {
            scoring.write(to, IN_METRES);
            IN_METRES.write(to.comma().say("aimed at"), aim);
        }

        @Override
        public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
            return new Ground(scoring, Optional.of(scoring), Optional.empty(), List.of(), Optional.of(aim));
        }

        @Override
        public OnSurface with(Change change) {
            return new AimPoint(change.of(aim), change.of(scoring));
        }
    }

    /**
     * An area drawn from where the opponents stand.
     *
     * @param offsets {@code x} to the hitter's right in parts of the opponents' reach, {@code y} in metres
     */
    @Kind("BY_STANCE")
    record ByStance(Stance.Anchor anchor, @Called("area") Area offsets) implements OnSurface {
        public ByStance {
            if (!(offsets instanceof Rectangle || offsets instanceof Polygon)) {
                throw new Refused("not_allowed", "offsets", "CIRCLE", "RECTANGLE, POLYGON");
            }
        }

        /** Its words after {@code seen from}. */
        static ByStance read(Reader from) {
            return new ByStance(from.one(Stance.Anchor.values()), IN_REACHES.read(from));
        }

        @Override
        public void write(Sentence to) {
            offsets.write(to.say("seen from").say(anchor), IN_REACHES);
        }

        @Override
        public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
            Stance from =
                    stance.orElseThrow(() -> new Refused("missing", "stance", "nothing", "where the opponents stand"));
            Point at = from.place(anchor, inUse.area().bounds());
            List<Point> corners = offsets instanceof Polygon polygon
                    ? polygon.corners()
                    : offsets.bounds().corners();
            List<Point> places = new ArrayList<>();
            for (Point corner : corners) {
                places.add(at.moved(corner.x() * from.reach(), corner.y()));
            }
            if (offsets instanceof Rectangle) {
                Point low = places.get(0);
                Point high = places.get(2);
                return Ground.good(new Rectangle(low.x(), low.y(), high.x(), high.y()));
            }
            return Ground.good(new Polygon(places));
        }

        /** It is sized about its own middle, and mirrored about the opponents. */
        @Override
        public OnSurface with(Change change) {
            return new ByStance(
                    anchor,
                    change instanceof Change.Scaled scaled ? offsets.scaled(scaled.factor()) : change.of(offsets));
        }
    }

    /** Something that a shot does to the receiver, wherever it lands in play; a person says whether it did. */
    @Kind("EFFECT")
    record Effect(@Called("effect") What what) implements OnSurface {

        /** What the receiver had to do. */
        public enum What implements Said {
            MOVED_BEFORE_HITTING("had to move first"),
            LET_IT_GO("let it go"),
            COULD_NOT_ATTACK("could not attack");

            private final String words;

            What(String words) {
                this.words = words;
            }

            @Override
            public String words() {
                return words;
            }
        }

        @Override
        public void write(Sentence to) {
            to.say("receiver").say(what);
        }

        @Override
        public Ground on(Surface surface, Region inUse, Optional<Stance> stance) {
            return Ground.good(inUse.area());
        }
    }

    /** Places that one ball comes to one after the other; each must be right. */
    @Kind("IN_ORDER")
    record InOrder(List<Part> parts) implements Target {

        /** One place on the way. {@code inUse} is a region of its surface. */
        public record Part(Plane plane, String inUse, OnSurface asks) {}

        public InOrder {
            Check.requireBetween("parts", parts.size(), 2, 4);
            parts = List.copyOf(parts);
            for (int i = 0; i < parts.size(); i++) {
                if (parts.get(i).asks() instanceof Effect) {
                    throw new Refused("not_allowed", "parts." + i, "EFFECT", "a target with a place");
                }
                if (i > 0 && parts.get(i).plane() == parts.get(i - 1).plane()) {
                    throw new Refused(
                            "not_allowed",
                            "parts." + i + ".plane",
                            parts.get(i).plane().name(),
                            "another surface");
                }
            }
        }

        /** Its words after {@code first}. */
        static InOrder read(Reader from, Court court) {
            List<Part> parts = new ArrayList<>();
            do {
                Plane plane = from.one(Plane.values());
                from.needs("in");
                String region = from.name(court.regionNames());
                parts.add(new Part(plane, region, TargetWords.onSurface(from, court)));
            } while (from.takes("then it comes"));
            return new InOrder(parts);
        }

        @Override
        public void write(Sentence to) {
            for (int i = 0; i < parts.size(); i++) {
                Part part = parts.get(i);
                to.say(i == 0 ? "first" : "then it comes").say(part.plane());
                part.asks().write(to.say("in").name(part.inUse()).comma());
            }
        }

        /** The last place is the one that is made larger or smaller. */
        @Override
        public InOrder with(Change change) {
            List<Part> changed = new ArrayList<>();
            for (int i = 0; i < parts.size(); i++) {
                Part part = parts.get(i);
                boolean kept = change instanceof Change.Scaled && i < parts.size() - 1;
                changed.add(
                        kept
                                ? part
                                : new Part(
                                        part.plane(),
                                        change.ofLine(part.inUse()),
                                        part.asks().with(change)));
            }
            return new InOrder(changed);
        }
    }

    private static StraightLine lineOf(Surface surface, String name) {
        List<StraightLine> lines = surface.straightLines();
        for (StraightLine line : lines) {
            if (line.name().equals(name)) {
                return line;
            }
        }
        throw new Refused(
                "not_allowed",
                "line",
                name,
                String.join(
                        ", ",
                        new LinkedHashSet<>(
                                lines.stream().map(StraightLine::name).toList())));
    }
}
