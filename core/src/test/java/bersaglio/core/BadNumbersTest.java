package bersaglio.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bersaglio.core.court.Circle;
import bersaglio.core.court.Point;
import bersaglio.core.court.Polygon;
import bersaglio.core.drill.Drill;
import bersaglio.core.drill.Evidence;
import bersaglio.core.drill.Level;
import bersaglio.core.drill.OneMetQuota;
import bersaglio.core.drill.Sequential;
import bersaglio.core.drill.Trying;
import bersaglio.core.drill.Verdict;
import bersaglio.core.forecast.Forecast;
import bersaglio.core.forecast.Pace;
import bersaglio.core.goal.Ahead;
import bersaglio.core.goal.Attempt;
import bersaglio.core.goal.Quota;
import bersaglio.core.goal.Signal;
import bersaglio.core.goal.Standing;
import bersaglio.core.goal.Start;
import bersaglio.core.goal.Timed;
import bersaglio.core.odds.GoalOdds;
import bersaglio.core.odds.HitRate;
import bersaglio.core.odds.Neighbours;
import bersaglio.core.odds.QuotaOdds;
import bersaglio.core.odds.RatioTest;
import bersaglio.core.problem.Refused;
import bersaglio.core.scatter.Covariance;
import bersaglio.core.scatter.Scatter;
import bersaglio.core.target.Ground;
import java.io.IOException;
import java.lang.reflect.Constructor;
import java.lang.reflect.Executable;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Whatever takes numbers from outside, and makes values of them, refuses by name those that are none. */
class BadNumbersTest {

    private static final double[] BAD = {
        Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, -Double.MAX_VALUE
    };

    private static final double[] NO_NUMBERS = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};

    /** Minutes of what never ends are infinite. */
    private static final double[] NEVER_TIMES = {Double.NaN, Double.NEGATIVE_INFINITY, -Double.MAX_VALUE};

    @Test
    void noPublicOperationTakesWhatIsNoNumber() throws Exception {
        List<String> taken = new ArrayList<>();
        int asked = 0;
        for (Class<?> type : publicClasses()) {
            for (Executable operation : operations(type)) {
                for (int place = 0; place < operation.getParameterCount(); place++) {
                    if (operation.getParameterTypes()[place] == double.class) {
                        for (double bad : type == Forecast.Minutes.class ? NEVER_TIMES : BAD) {
                            asked++;
                            String how = outcome(operation, null, place, bad);
                            if (!how.isEmpty()) {
                                taken.add(type.getSimpleName() + "." + operation.getName() + " " + place + " = " + bad
                                        + ": " + how);
                            }
                        }
                    }
                }
            }
        }
        assertThat(asked).isGreaterThan(100);
        assertThat(taken).isEmpty();
    }

    @Test
    void whatNothingCanBeSaidOfIsRefusedByName() {
        Drill drill = Samples.drill();
        Map<String, ThrowingCallable> asked = Map.of(
                "attempts", () -> drill.advise(1, List.of(), Neighbours.NONE),
                "attempts ", () -> Verdict.of(drill, 1, List.of(), Neighbours.NONE),
                "parts", () -> new HitRate(3, 4).spread(0),
                "sdAcross", () -> Covariance.of(-0.4, 0.4, 0),
                "correlation", () -> Covariance.of(0.4, 0.4, -1.2),
                "balls", () -> new Ahead(new Quota(8, 12).play(Start.FRESH), -5, true),
                "score", () -> new Attempt("1", Standing.MET, Double.NaN, 0));
        asked.forEach(
                (field, call) -> assertThatThrownBy(call).isInstanceOfSatisfying(Refused.class, refused -> assertThat(
                                refused.problem().field())
                        .isEqualTo(field.strip())));
        assertThatThrownBy(() -> new Timed(1, 60, 0, 20, Signal.values()[0]).ahead(1e-9))
                .isInstanceOf(Refused.class);
    }

    /** One value of each kind that is asked about numbers. */
    private static Stream<Object> values() {
        Level level = Samples.level(new OneMetQuota());
        Polygon corner = new Polygon(List.of(new Point(0, 4), new Point(2, 4), new Point(2, 6)));
        List<Point> landings = Stream.iterate(0, i -> i + 1)
                .limit(12)
                .map(i -> new Point(1 + 0.1 * (i % 4), 5 + 0.1 * (i % 3)))
                .toList();
        return Stream.concat(
                Samples.goals(),
                Stream.of(
                        level,
                        level.dials(),
                        Samples.drill(),
                        Trying.of(0.5, 3),
                        new Pace(8, 20, 0),
                        Evidence.DEFAULT,
                        new Sequential(0.5, 0.7, 0.1, 0.1),
                        new Point(1, 2),
                        new Circle(new Point(1, 2), 0.5),
                        Samples.CORNER,
                        corner,
                        Ground.good(corner),
                        Scatter.of(landings, 1).orElseThrow(),
                        new QuotaOdds(8, 12),
                        GoalOdds.of(level.ahead(), 0.5),
                        RatioTest.between(0.5, 0.74, 2.2, -3),
                        new HitRate(9, 12)));
    }

    @Test
    void noValueTakesWhatIsNoNumber() throws Exception {
        List<String> taken = new ArrayList<>();
        int asked = 0;
        for (Object value : values().toList()) {
            for (Method operation : value.getClass().getMethods()) {
                boolean numbersAlone = operation.getParameterCount() > 0
                        && Arrays.stream(operation.getParameterTypes())
                                .allMatch(type -> type == double.class || type == int.class);
                if (Modifier.isStatic(operation.getModifiers()) || !numbersAlone) {
                    continue;
                }
                for (int place = 0; place < operation.getParameterCount(); place++) {
                    if (operation.getParameterTypes()[place] == double.class) {
                        // Before its beginning a set has not ended: less than none is a number there.
                        boolean belowNothing = operation.getName().equals("endsWithin");
                        for (double bad : belowNothing ? NO_NUMBERS : BAD) {
                            asked++;
                            String how = outcome(operation, value, place, bad);
                            if (!how.isEmpty()) {
                                taken.add(value.getClass().getSimpleName() + "." + operation.getName() + " " + place
                                        + " = " + bad + ": " + how);
                            }
                        }
                    }
                }
            }
        }
        assertThat(asked).isGreaterThan(100);
        assertThat(taken).isEmpty();
    }

    private static List<Class<?>> publicClasses() throws IOException {
        Path root = Path.of("target", "classes");
        try (Stream<Path> files = Files.walk(root)) {
            return files.map(file -> root.relativize(file).toString())
                    .filter(name -> name.endsWith(".class") && name.startsWith("bersaglio"))
                    .map(name -> name.replace('/', '.').replace(".class", ""))
                    .<Class<?>>map(BadNumbersTest::load)
                    .filter(type -> Modifier.isPublic(type.getModifiers()))
                    .toList();
        }
    }

    private static Class<?> load(String name) {
        try {
            return Class.forName(name);
        } catch (ClassNotFoundException gone) {
            throw new IllegalStateException(gone);
        }
    }

    /** Those that take nothing but numbers. */
    private static List<Executable> operations(Class<?> type) {
        List<Executable> all = new ArrayList<>(Arrays.asList(type.getConstructors()));
        Arrays.stream(type.getMethods())
                .filter(method -> Modifier.isStatic(method.getModifiers()) && method.getDeclaringClass() == type)
                .forEach(all::add);
        return all.stream()
                .filter(one -> one.getParameterCount() > 0
                        && Arrays.stream(one.getParameterTypes()).allMatch(Class::isPrimitive)
                        && Arrays.stream(one.getParameterTypes()).noneMatch(boolean.class::equals))
                .toList();
    }

    /** @return empty when it was refused */
    private static String outcome(Executable operation, @Nullable Object of, int place, double bad) throws Exception {
        Object[] arguments = new Object[operation.getParameterCount()];
        for (int i = 0; i < arguments.length; i++) {
            Class<?> type = operation.getParameterTypes()[i];
            arguments[i] = type == double.class
                    ? (Object) (i == place ? bad : 0.3 + 0.1 * i)
                    : type == int.class ? (Object) 2 : (Object) 2L;
        }
        CompletableFuture<Object> made = CompletableFuture.supplyAsync(() -> {
            try {
                return operation instanceof Constructor<?> constructor
                        ? constructor.newInstance(arguments)
                        : ((Method) operation).invoke(of, arguments);
            } catch (InvocationTargetException thrown) {
                return thrown.getCause();
            } catch (ReflectiveOperationException unreachable) {
                throw new IllegalStateException(unreachable);
            }
        });
        try {
            Object result = made.get(2, TimeUnit.SECONDS);
            return result instanceof Refused || result instanceof Boolean ? "" : String.valueOf(result);
        } catch (TimeoutException never) {
            return "does not return";
        }
    }
}
