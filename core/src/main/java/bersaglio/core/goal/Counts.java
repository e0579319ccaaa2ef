package bersaglio.core.goal;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A count of each side, way or zone. Played ahead by the million, so that the numbers are kept as they are. */
final class Counts {

    private final int[] each;

    private Counts(int[] each) {
        this.each = each;
    }

    static Counts zeros(int places) {
        return new Counts(new int[places]);
    }

    static Counts of(List<Integer> counts) {
        return new Counts(counts.stream().mapToInt(count -> count).toArray());
    }

    int places() {
        return each.length;
    }

    boolean has(int place) {
        return place < each.length;
    }

    int at(int place) {
        return each[place];
    }

    Counts plusOne(int place) {
        return with(place, each[place] + 1);
    }

    Counts with(int place, int count) {
        int[] next = each.clone();
        next[place] = count;
        return new Counts(next);
    }

    /** What each has more than the one with the fewest. */
    Counts aboveFewest() {
        return minus(each[last()]);
    }

    Counts minus(int number) {
        int[] next = each.clone();
        for (int place = 0; place < next.length; place++) {
            next[place] -= number;
        }
        return new Counts(next);
    }

    int sum() {
        int sum = 0;
        for (int count : each) {
            sum += count;
        }
        return sum;
    }

    int most() {
        return each[leader()];
    }

    /** The first of those with the most. */
    int leader() {
        int leader = 0;
        for (int place = 1; place < each.length; place++) {
            leader = each[place] > each[leader] ? place : leader;
        }
        return leader;
    }

    /** What it has more than the best of the others. */
    int leadOf(int place) {
        int best = 0;
        for (int other = 0; other < each.length; other++) {
            best = other == place ? best : Math.max(best, each[other]);
        }
        return each[place] - best;
    }

    /** The first of those with the fewest. */
    int last() {
        int last = 0;
        for (int place = 1; place < each.length; place++) {
            last = each[place] < each[last] ? place : last;
        }
        return last;
    }

    List<Integer> numbers() {
        List<Integer> numbers = new ArrayList<>(each.length);
        for (int count : each) {
            numbers.add(count);
        }
        return numbers;
    }

    List<Double> measures() {
        List<Double> measures = new ArrayList<>(each.length);
        for (int count : each) {
            measures.add((double) count);
        }
        return measures;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Counts counts && Arrays.equals(each, counts.each);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(each);
    }

    @Override
    public String toString() {
        return Arrays.toString(each);
    }
}
