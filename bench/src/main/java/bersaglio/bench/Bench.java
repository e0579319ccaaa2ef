package bersaglio.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;

/** Prints what was measured beside its bound; ends with 1 when a bound is missed. */
public final class Bench {

    /** One measured figure. */
    record Row(String what, double value, String unit, boolean atMost, double bound) {

        static Row atMost(String what, double value, String unit, double bound) {
            return new Row(what, value, unit, true, bound);
        }

        static Row atLeast(String what, double value, String unit, double bound) {
            return new Row(what, value, unit, false, bound);
        }

        /** What the others are to be held against; it has no bound of its own. */
        static Row told(String what, double value, String unit) {
            return atMost(what, value, unit, Double.POSITIVE_INFINITY);
        }

        boolean holds() {
            return atMost ? value <= bound : value >= bound;
        }

        String line() {
            if (Double.isInfinite(bound)) {
                return String.format("%-62s %10.2f %s", what, value, unit);
            }
            return String.format(
                    "%-62s %10.2f %-9s %s %8.2f  %s",
                    what, value, unit, atMost ? "<=" : ">=", bound, holds() ? "within" : "MISSED");
        }
    }

    private Bench() {}

    public static void main(String[] arguments) throws Exception {
        Map<String, Callable<List<Row>>> all = new LinkedHashMap<>();
        all.put("rules", PageBench::rulesSize);
        all.put("load", PageBench::firstLoad);
        all.put("touch", PageBench::touchToPaint);
        all.put("close", CloseBench::everyReadyDrill);
        all.put("match", MatchBench::thousandShots);
        all.put("drag", EditorBench::dragging);
        all.put("zones", ZoneBench::aMillionLandings);
        all.put("judgement", JudgementBench::all);
        all.put("cautious", ForecastBench::cautious);
        all.put("forecasts", LongGoalsBench::forecasts);
        all.put("page-verdicts", LongGoalsBench::inThePage);
        all.put("ladder", ForecastBench::ladderExactOrPlayed);
        all.put("events", EventBench::againstBareInserts);
        all.put("devices", EventBench::fiftyDevices);
        all.put("reads", ReadsBench::longLivedClub);
        all.put("squad", ReadsBench::squadPage);
        all.put("start", StartBench::secondStart);
        all.put("rebuild", RebuildBench::aMillionShots);
        all.put("kills", KillBench::aThousand);
        all.put("page-kills", PageKillBench::killed);
        all.put("long-start", StartBench::afterAKill);
        Set<String> wanted = Set.of(arguments.length == 0 ? new String[] {"all"} : arguments[0].split(","));
        boolean within = true;
        for (Map.Entry<String, Callable<List<Row>>> one : all.entrySet()) {
            if (wanted.contains("all") || wanted.contains(one.getKey())) {
                System.out.println("measuring " + one.getKey() + " ...");
                for (Row row : one.getValue().call()) {
                    System.out.println(row.line());
                    within &= row.holds();
                }
            }
        }
        System.exit(within ? 0 : 1);
    }
}
