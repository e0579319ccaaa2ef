package bersaglio.core.charting;

import java.util.List;

/**
 * A count that a person said.
 *
 * @param part   a side, a way or a zone, from 0
 * @param claims what each side said that it was; empty where nobody disputed it
 */
public record CountSaid(int part, int count, List<Integer> claims) {

    public CountSaid {
        claims = List.copyOf(claims);
    }
}
