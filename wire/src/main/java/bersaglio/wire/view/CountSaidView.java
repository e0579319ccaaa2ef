package bersaglio.wire.view;

import bersaglio.core.charting.CountSaid;
import java.util.List;

/**
 * A count that a person said.
 *
 * @param part   a side, a way or a zone, from 0
 * @param claims what each side said that it was; empty where nobody disputed it
 */
public record CountSaidView(int part, int count, List<Integer> claims) {

    public static CountSaidView of(CountSaid said) {
        return new CountSaidView(said.part(), said.count(), said.claims());
    }
}
