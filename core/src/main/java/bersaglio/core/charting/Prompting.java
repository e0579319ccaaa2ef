package bersaglio.core.charting;

import bersaglio.core.pattern.Pass;
import bersaglio.core.pattern.Pass.StepTry;
import bersaglio.core.shot.Shot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** When a shot that is called ahead has to be called. */
public final class Prompting {

    /** Before a pace is known: an own shot and the one that answers it. */
    static final long USUAL = 3_000;

    /** So many of the latest gaps tell the pace; with fewer than three it is not known. */
    private static final int LATEST = 15;

    private static final int FEWEST = 3;

    private Prompting() {}

    /**
     * @param ahead milliseconds before the player's next shot at which the call is wanted
     * @return milliseconds from an own shot to the call, at the pace of this set
     */
    public static long callAfter(ChartedSet set, long ahead) {
        return Math.max(0, pace(set) - ahead);
    }

    /** From one own shot to the next of the same pass: the middle one of the latest. */
    static long pace(ChartedSet set) {
        Map<String, Long> times = new HashMap<>();
        for (Shot shot : set.played().shots()) {
            times.put(shot.id(), shot.seen().at());
        }
        List<Long> gaps = new ArrayList<>();
        for (Pass pass : set.played().passes().over()) {
            addGaps(pass.tries(), times, gaps);
        }
        addGaps(set.played().passes().now(), times, gaps);
        List<Long> latest = gaps.subList(Math.max(0, gaps.size() - LATEST), gaps.size()).stream()
                .sorted()
                .toList();
        return latest.size() < FEWEST ? USUAL : latest.get(latest.size() / 2);
    }

    private static void addGaps(List<StepTry> tries, Map<String, Long> times, List<Long> gaps) {
        for (int i = 1; i < tries.size(); i++) {
            Long before = times.get(tries.get(i - 1).shot());
            Long now = times.get(tries.get(i).shot());
            if (before != null && now != null) {
                gaps.add(now - before);
            }
        }
    }
}
