package bersaglio.core.written;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bersaglio.core.Samples;
import bersaglio.core.court.Plane;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.court.Rectangle;
import bersaglio.core.court.Side;
import bersaglio.core.court.sport.Courts;
import bersaglio.core.drill.AdvanceRule;
import bersaglio.core.drill.AfterUnmet;
import bersaglio.core.drill.BallByBall;
import bersaglio.core.drill.CoachsCall;
import bersaglio.core.drill.Dials;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.EvidenceAgainst;
import bersaglio.core.drill.Freedom;
import bersaglio.core.drill.Learners;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.MetInLast;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Retreat;
import bersaglio.core.drill.Sequential;
import bersaglio.core.drill.StayPut;
import bersaglio.core.goal.Goal;
import bersaglio.core.goal.Ladder;
import bersaglio.core.goal.MissRule;
import bersaglio.core.goal.Quota;
import bersaglio.core.pattern.Actor;
import bersaglio.core.pattern.Following;
import bersaglio.core.pattern.Pattern;
import bersaglio.core.pattern.Way;
import bersaglio.core.shot.Caller;
import bersaglio.core.shot.Outcome;
import bersaglio.core.shot.Ruling;
import bersaglio.core.target.AimPoint;
import bersaglio.core.target.Bounce;
import bersaglio.core.target.ByStance;
import bersaglio.core.target.Effect;
import bersaglio.core.target.InUse;
import bersaglio.core.target.Stance;
import bersaglio.core.target.Target;
import bersaglio.core.target.TargetSet;
import bersaglio.core.target.Tie;
import bersaglio.core.target.Zone;
import bersaglio.core.words.Misread;
import bersaglio.core.words.Place;
import bersaglio.core.words.Reader;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class DrillTextTest {

    private static final String HEAD = "drill \"Own\" on badminton level target \"T\" zone 1 \"Z\" "
            + "from 0 m to 1 m across, from 4 m to 5 m away goal ";

    static Stream<Path> ready() throws IOException, URISyntaxException {
        return Files.list(Path.of(
                        DrillTextTest.class.getResource("/bersaglio/drills").toURI()))
                .sorted();
    }

    @ParameterizedTest
    @MethodSource("ready")
    void everyReadyDrillIsReadAndWrittenBackWithoutLoss(Path file) throws IOException {
        Drill drill = read(Files.readString(file));
        assertThat(drill.family() + ".txt").isEqualTo(file.getFileName().toString());
        assertThat(read(DrillText.write(drill))).isEqualTo(drill);
    }

    @Test
    void thirtyDrillsAndMoreStandReadyOnEveryKindOfCourtFromFedToGame() throws Exception {
        List<Drill> drills = new ArrayList<>();
        for (Path file : ready().toList()) {
            drills.add(read(Files.readString(file)));
        }
        assertThat(drills).hasSizeGreaterThanOrEqualTo(30);
        assertThat(drills)
                .extracting(drill -> drill.court().sport())
                .contains(
                        Courts.BADMINTON.sport(),
                        Courts.named("padel").sport(),
                        Courts.named("tennis").sport(),
                        Courts.named("table-tennis").sport(),
                        Courts.named("pickleball").sport(),
                        Courts.named("squash").sport(),
                        Courts.named("volleyball").sport(),
                        Courts.named("basketball").sport());
        assertThat(drills)
                .extracting(Drill::freedom)
                .contains(Freedom.FED, Freedom.FIXED, Freedom.RANDOM, Freedom.SEMI_OPEN, Freedom.GAME);
        assertThat(drills)
                .extracting(drill -> drill.level(1).goal().getClass().getSimpleName())
                .contains(Samples.goals()
                        .map(goal -> goal.getClass().getSimpleName())
                        .toArray(String[]::new));
        for (Drill drill : drills) {
            for (int number = 2; number <= drill.levels().size(); number++) {
                assertThat(drill.level(number).isEasierThan(drill.level(number - 1)))
                        .as("%s, level %d is easier than the one before", drill.name(), number)
                        .isFalse();
            }
        }
    }

    @Test
    void patternsStandReadyOnSixSportsFromTwoStepsToTen() throws Exception {
        List<Drill> patterns = new ArrayList<>();
        for (Path file : ready().toList()) {
            Drill drill = read(Files.readString(file));
            if (drill.level(1).dials().pattern().isPresent()) {
                patterns.add(drill);
            }
        }
        assertThat(patterns).hasSizeGreaterThanOrEqualTo(24);
        assertThat(patterns.stream().map(drill -> drill.court().sport()).distinct())
                .hasSizeGreaterThanOrEqualTo(6);
        assertThat(patterns.stream().map(drill -> drill.level(1)
                        .dials()
                        .pattern()
                        .orElseThrow()
                        .steps()
                        .size()))
                .contains(2, 10);
        for (Drill drill : patterns) {
            Pattern pattern = drill.level(1).dials().pattern().orElseThrow();
            TargetSet target = drill.level(1).target();
            assertThat(DrillText.pattern(DrillText.spoken(pattern, target), target))
                    .isEqualTo(pattern);
            chartedWhole(pattern);
        }
    }

    /** Each own shot as asked, by the first of its ways. */
    private static void chartedWhole(Pattern pattern) {
        Following following = new Following(pattern, Actor.A);
        int shots = 0;
        while (following.passes().whole() == 0 && shots < 200) {
            Way way = pattern.steps()
                    .get(following.passes().expected().get(0))
                    .ways()
                    .get(0);
            following.own(
                    ways -> ways.contains(way) ? Ruling.hit(way.zone()) : Ruling.of(Outcome.IN), way.stroke(), "s", 0);
            shots++;
        }
        assertThat(following.passes().whole()).isEqualTo(1);
    }

    static Stream<Goal> goals() {
        return Stream.concat(
                Samples.goals(),
                Stream.of(
                                MissRule.Does.COUNT_ON,
                                MissRule.Does.STEP_BACK,
                                MissRule.Does.RESTART_LADDER,
                                MissRule.Does.STAY)
                        .map(does -> new Ladder(
                                List.of(new Ladder.Station("Say \"go\"", 1, 0)),
                                30,
                                does == MissRule.Does.COUNT_ON
                                        ? MissRule.owing(1)
                                        : MissRule.of(does).limitedTo(2))));
    }

    @ParameterizedTest
    @MethodSource("goals")
    void everyGoalIsReadAsItWasWritten(Goal goal) {
        Drill drill = Samples.drill().asking(1, goal);
        assertThat(read(DrillText.write(drill)).level(1).goal()).isEqualTo(goal);
    }

    static Stream<AdvanceRule> ups() {
        return Stream.of(
                new OneMetQuota(),
                new MetInLast(2, 3),
                new MetInLast(3, 5, MetInLast.Each.DAY),
                new Evidence(0.905, 24, 0),
                new Evidence(1.0 / 1.1, 20, 36),
                new Sequential(0.5, 0.7, 0.1, 0.05),
                new BallByBall(0.12, 2.5, 3),
                new Learners(0.08, 4.25),
                new CoachsCall());
    }

    @ParameterizedTest
    @MethodSource("ups")
    void everyRuleToMoveUpIsReadAsItWasWritten(AdvanceRule rule) {
        assertThat(through(first().with(rule)).advance()).isEqualTo(rule);
    }

    static Stream<Retreat> downs() {
        return Stream.of(
                new StayPut(),
                new AfterUnmet(1, AfterUnmet.Back.ONE_LEVEL),
                new AfterUnmet(4, AfterUnmet.Back.THE_START),
                new EvidenceAgainst(Evidence.DEFAULT));
    }

    @ParameterizedTest
    @MethodSource("downs")
    void everyRuleToStepBackIsReadAsItWasWritten(Retreat rule) {
        assertThat(through(first().with(rule)).retreat()).isEqualTo(rule);
    }

    @Test
    void everyDialIsReadAsItWasWrittenAndGoesBackToTheDrills() {
        Dials turned = Dials.AS_THE_DRILL
                .at(2.1)
                .every(4.75)
                .feeding("Flat, \\ hard")
                .as(Freedom.RANDOM)
                .within(2)
                .with(Dials.Hitting.WEAKER_HAND);
        Level one = first().with(turned)
                .wanting(0.6215)
                .allowing(5)
                .accepting(Set.of(Caller.HITTER, Caller.WAITING_PLAYER));
        Level two = first().numbered(2).with(Dials.AS_THE_DRILL.at(3));
        Drill drill = drill(one, two);
        assertThat(read(DrillText.write(drill))).isEqualTo(drill);
    }

    static Stream<TargetSet> rareTargets() {
        Polygon corner = Polygon.of(new Point(0.5, 3), new Point(2, 3), new Point(1.25, 4.5));
        Rectangle box = new Rectangle(-1, 4, 1, 6);
        Zone polygon = Zone.spot(1, "Wedge", Plane.FLOOR, corner).tiedTo(Tie.OPPONENT_HAND);
        Zone aim = new Zone(2, "Aim", Plane.FLOOR, Tie.COURT, new AimPoint(new Point(0, 5), box));
        Zone effect = new Zone(3, "No attack", Plane.FLOOR, Tie.COURT, new Effect(Effect.What.COULD_NOT_ATTACK));
        Zone gap = new Zone(
                4, "Gap", Plane.FLOOR, Tie.COURT, new ByStance(Stance.Anchor.GAP, new Rectangle(-0.2, 0, 0.2, 1)));
        InUse drawn = new InUse(new InUse.Drawn(new Rectangle(-2.59, 0, 2.59, 6.5)), Tie.SIDE);
        InUse beyond = new InUse(new InUse.Beyond("short-service", Side.DEEP), Tie.COURT);
        Stance pair = new Stance(List.of(new Point(-1, 4), new Point(1, 4.5)), 1.1);
        return Stream.of(
                laid("wedge", 3, drawn, Bounce.FIRST, List.of(polygon, aim), List.of(2, 1), Optional.empty()),
                laid("Two words", 1, beyond, Bounce.SECOND, List.of(aim), List.of(), Optional.empty()),
                laid("effect", 1, InUse.named("doubles"), Bounce.FIRST, List.of(effect), List.of(), Optional.empty()),
                laid("gap", 1, InUse.named("singles"), Bounce.FIRST, List.of(gap), List.of(), Optional.of(pair)));
    }

    private static TargetSet laid(
            String name,
            int version,
            InUse inUse,
            Bounce bounce,
            List<Zone> zones,
            List<Integer> order,
            Optional<Stance> stance) {
        return new TargetSet("kept-" + version, version, name, Courts.BADMINTON, inUse, bounce, zones, order, stance);
    }

    @ParameterizedTest
    @MethodSource("rareTargets")
    void everyTargetIsReadAsItWasWritten(TargetSet target) {
        assertThat(through(first().aimedAt(target, 0)).target()).isEqualTo(target);
    }

    /** A kind that is not among those that are read back here is found. */
    @Test
    void noKindIsLeftOut() throws Exception {
        List<Target> targets = new ArrayList<>();
        for (Path file : ready().toList()) {
            read(Files.readString(file)).levels().forEach(level -> targets.addAll(asked(level.target())));
        }
        rareTargets().forEach(target -> targets.addAll(asked(target)));
        assertThat(goals()).extracting(Object::getClass).containsAll(kinds(Goal.class));
        assertThat(ups()).extracting(Object::getClass).containsAll(kinds(AdvanceRule.class));
        assertThat(downs()).extracting(Object::getClass).containsAll(kinds(Retreat.class));
        assertThat(targets).extracting(Object::getClass).containsAll(kinds(Target.class));
    }

    private static List<Target> asked(TargetSet target) {
        return target.zones().stream().map(Zone::asks).toList();
    }

    private static List<Class<?>> kinds(Class<?> family) {
        return Stream.of(family.getPermittedSubclasses())
                .flatMap(kind -> kind.isSealed() ? kinds(kind).stream() : Stream.of(kind))
                .toList();
    }

    @Test
    void levelsGrowFromTheLastOneByARule() {
        Drill drill = read(
                HEAD + "6 hits of 10 balls distance 2 m then 2 levels, each 1 more then 3 levels, each 0.3 m farther");
        assertThat(drill.levels()).hasSize(6);
        assertThat(drill.levels())
                .extracting(Level::goal)
                .startsWith(new Quota(6, 10), new Quota(7, 10), new Quota(8, 10));
        assertThat(drill.level(6).dials().distance()).hasValue(2.9);
        Drill smaller = read(HEAD + "6 hits of 10 balls then 9 levels, each target 10 % smaller until 60 cm");
        assertThat(smaller.levels()).hasSize(6);
        assertThat(smaller.level(6).narrowest()).isCloseTo(0.6, org.assertj.core.data.Offset.offset(0.002));
        assertThat(read(DrillText.write(smaller))).isEqualTo(smaller);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "13 hits of 12 balls | out_of_range | 0 | 19",
                "ladder a miss restarts the ladder | empty_ladder | 0 | 33",
                "9 hits in any 8 balls in a row | out_of_range | 0 | 30",
                "8 hits off 12 balls | unknown_word | 7 | 3",
                "8 hits of | text_ends | 9 | 0",
                "8.5 hits of 12 balls | wrong_type | 0 | 3",
                "8 hits of 12 balls up after \"two | not_closed | 28 | 4",
                "8 hits of 12 balls ! | unknown_sign | 19 | 1"
            })
    void aWrongTextPointsAtThePlace(String goal, String code, int from, int length) {
        Misread wrong = misread(HEAD + goal);
        assertThat(wrong.problem().code()).isEqualTo(code);
        assertThat(wrong.place()).isEqualTo(new Place(1, HEAD.length() + from + 1, HEAD.length() + from, length));
    }

    @Test
    void whatCouldStandAtAWrongWordIsSaid() {
        Misread wrong = misread(HEAD + "8 hits of 12 balls\n  upp after one met set");
        assertThat(wrong.place()).isEqualTo(new Place(2, 3, HEAD.length() + 21, 3));
        assertThat(wrong.problem().value()).isEqualTo("upp");
        assertThat(wrong.expected()).contains("up", "tries", "level", "then", "each miss owes");
        assertThat(misread("drill \"A\" on moon level").expected()).contains("badminton", "squash");
    }

    @Test
    void theTextGoesOnWithWhatFits() {
        assertThat(DrillText.next("", Courts.all())).containsExactly("drill");
        assertThat(DrillText.next("drill ", Courts.all())).containsExactly(Reader.A_TEXT);
        assertThat(DrillText.next("drill \"A\" on pa", Courts.all())).containsExactly("padel");
        assertThat(DrillText.next(HEAD + "8 hits ", Courts.all())).contains("of", "in a row", "in any", "in all");
        assertThat(DrillText.next(HEAD + "8 hits in a", Courts.all())).containsExactly("any", "a row", "all");
        assertThat(DrillText.next(HEAD + "8 hits of 12 balls up after 2 m", Courts.all()))
                .containsExactly("met of the last");
        assertThat(DrillText.next("drill \"A", Courts.all())).isEmpty();
    }

    private static Misread misread(String text) {
        return catchThrowableOfType(Misread.class, () -> read(text));
    }

    private static Drill read(String text) {
        return DrillText.read(text, Courts.all());
    }

    private static Level first() {
        return Samples.drill().level(1);
    }

    private static Drill drill(Level... levels) {
        return new Drill("own-1", "own", 1, "Own", "Hand feed", Freedom.FED, List.of(levels));
    }

    private static Level through(Level level) {
        return read(DrillText.write(drill(level))).level(1);
    }
}
