package bersaglio.server.charting;

import java.util.BitSet;

/** Trials of a set as bits, the first in the lowest bit of the first byte. */
final class TrialBits {

    private TrialBits() {}

    static byte[] of(String trials) {
        BitSet bits = new BitSet(trials.length());
        for (int i = 0; i < trials.length(); i++) {
            bits.set(i, trials.charAt(i) == '1');
        }
        return bits.toByteArray();
    }

    /** @param count how many there are, as misses at the end leave no bits */
    static String read(byte[] bits, int count) {
        BitSet hits = BitSet.valueOf(bits);
        StringBuilder trials = new StringBuilder(count);
        for (int i = 0; i < count; i++) {
            trials.append(hits.get(i) ? '1' : '0');
        }
        return trials.toString();
    }
}
