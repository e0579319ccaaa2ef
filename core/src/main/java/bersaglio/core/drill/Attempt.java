package bersaglio.core.drill;

import bersaglio.core.problem.Refused;

/**
 * One set at a level as an advance rule sees it: its trials in order, {@code 1} for a hit and {@code 0} for any other.
 */
public record Attempt(String trials) {

    public Attempt {
        for (int i = 0; i < trials.length(); i++) {
            if (trials.charAt(i) != '0' && trials.charAt(i) != '1') {
                throw new Refused("bad_trials", "trials", trials, "only 0 and 1");
            }
        }
    }

    public Tally tally() {
        int hits = 0;
        for (int i = 0; i < trials.length(); i++) {
            if (trials.charAt(i) == '1') {
                hits++;
            }
        }
        return new Tally(hits, trials.length());
    }

    public boolean isHit(int trial) {
        return trials.charAt(trial) == '1';
    }

    public boolean meets(Goal goal) {
        return goal.judge(tally()) == Standing.MET;
    }
}
