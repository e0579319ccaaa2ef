package bersaglio.core.court;

import bersaglio.core.court.Outline.Band;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * What two areas have in common, cut into slices along {@code y} wherever an edge ends or two edges cross, so that over
 * a slice everything is smooth.
 */
public record Common(List<Slice> slices) {

    private static final double LEAST_SLICE = 1e-12;
    private static final int LEAST_STEPS = 32;
    private static final int MOST_STEPS = 4000;

    /** A stretch of {@code x} with the bands that lie over it. */
    record Slice(double from, double to, List<Band> bands) {}

    /** What is added up along {@code x} for each stretch of {@code y}. */
    public interface Measure {
        double at(double x, double low, double high);
    }

    public static Common of(Area one, Area other) {
        return of(one, other, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }

    /** Only from one {@code x} to another. */
    public static Common of(Area one, Area other, double left, double right) {
        Outline first = Outline.of(one);
        Outline second = Outline.of(other);
        List<Double> cuts = new ArrayList<>(first.ends());
        cuts.addAll(second.ends());
        cuts.addAll(first.crossings(second));
        cuts.replaceAll(x -> Math.max(left, Math.min(right, x)));
        Collections.sort(cuts);
        List<Slice> slices = new ArrayList<>();
        for (int i = 1; i < cuts.size(); i++) {
            double from = cuts.get(i - 1);
            double to = cuts.get(i);
            List<Band> bands = to - from > LEAST_SLICE ? Outline.common(first, second, from, to) : List.of();
            if (!bands.isEmpty()) {
                slices.add(new Slice(from, to, bands));
            }
        }
        return new Common(slices);
    }

    /** In square metres. */
    public double size() {
        return integral(1, (x, low, high) -> high - low);
    }

    /**
     * Simpson's rule in the angle whose sine runs over a slice, which takes the upright ends of a circle too.
     *
     * @param step in metres, at least this fine
     */
    public double integral(double step, Measure measure) {
        double sum = 0;
        for (Slice slice : slices) {
            double half = (slice.to() - slice.from()) / 2;
            double wanted = Math.min(MOST_STEPS, LEAST_STEPS + Math.PI * half / step);
            int steps = 2 * (int) Math.ceil(wanted / 2);
            double over = 0;
            for (int i = 1; i < steps; i++) {
                double angle = Math.PI * (i / (double) steps - 0.5);
                double x = slice.from() + half * (1 + Math.sin(angle));
                over += (i % 2 == 1 ? 4 : 2) * Math.cos(angle) * across(slice, x, measure);
            }
            sum += over * half * Math.PI / steps / 3;
        }
        return sum;
    }

    private static double across(Slice slice, double x, Measure measure) {
        double sum = 0;
        for (Band band : slice.bands()) {
            sum += measure.at(x, band.low().at(x), band.high().at(x));
        }
        return sum;
    }
}
