package bersaglio.core.odds;

import bersaglio.core.problem.Check;
import java.util.ArrayList;
import java.util.List;

/** The chance of each of several rates, known by their own trials, to be the lowest: under independent Jeffreys posteriors. */
public final class Lowest {

    /** Even; to 1e-4 for up to some ten thousand trials each. */
    private static final int PARTS = 2000;

    private static final int MOST = 100;

    private Lowest() {}

    /** @return one for each, in order, that add up to 1; nothing for nothing */
    public static List<Double> chances(List<HitRate> rates) {
        Check.requireBetween("rates", rates.size(), 0, MOST);
        double[][] densities = new double[rates.size()][];
        double[][] above = new double[rates.size()][];
        for (int i = 0; i < densities.length; i++) {
            densities[i] = density(rates.get(i));
            above[i] = above(densities[i]);
        }
        List<Double> chances = new ArrayList<>();
        for (int i = 0; i < densities.length; i++) {
            double chance = 0;
            for (int part = 0; part < PARTS; part++) {
                double others = densities[i][part];
                for (int j = 0; j < densities.length && others > 0; j++) {
                    others *= j == i ? 1 : above[j][part];
                }
                chance += others;
            }
            chances.add(chance);
        }
        return chances;
    }

    /** Of the angle whose squared sine is the rate: no end at which it grows without bound. Adds up to 1. */
    private static double[] density(HitRate rate) {
        double[] density = new double[PARTS];
        double highest = Double.NEGATIVE_INFINITY;
        for (int part = 0; part < PARTS; part++) {
            double angle = (part + 0.5) / PARTS * Math.PI / 2;
            density[part] = 2 * rate.hits() * Math.log(Math.sin(angle))
                    + 2 * (rate.trials() - rate.hits()) * Math.log(Math.cos(angle));
            highest = Math.max(highest, density[part]);
        }
        double sum = 0;
        for (int part = 0; part < PARTS; part++) {
            density[part] = Math.exp(density[part] - highest);
            sum += density[part];
        }
        for (int part = 0; part < PARTS; part++) {
            density[part] /= sum;
        }
        return density;
    }

    /** The chance to be above the middle of each part. */
    private static double[] above(double[] density) {
        double[] above = new double[PARTS];
        double sum = 0;
        for (int part = PARTS - 1; part >= 0; part--) {
            above[part] = sum + density[part] / 2;
            sum += density[part];
        }
        return above;
    }
}
