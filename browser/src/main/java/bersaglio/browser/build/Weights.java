package bersaglio.browser.build;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;

/** How much of a compiled module each package is, as its source map tells (ECMA-426: columns as base 64 VLQ). */
final class Weights {

    private static final String DIGITS = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/";
    private static final int CONTINUES = 32;
    private static final int PARTS_OF_A_NAME = 3;

    private final JsonArray sources;
    private final Map<String, Integer> characters = new TreeMap<>();
    private String mappings;
    private int read;

    private Weights(JsonObject map) {
        this.sources = map.get("sources").asArray();
        this.mappings = map.get("mappings").asString();
    }

    /** @return characters of the module by package, the heaviest first */
    static Map<String, Integer> of(String module, String map) {
        Weights weights = new Weights(Json.parse(map).asObject());
        weights.weigh(module.split("\n", -1));
        Map<String, Integer> heaviest = new LinkedHashMap<>();
        weights.characters.entrySet().stream()
                .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
                .forEach(one -> heaviest.put(one.getKey(), one.getValue()));
        return heaviest;
    }

    private void weigh(String[] lines) {
        String[] mapped = mappings.split(";", -1);
        int source = 0;
        for (int line = 0; line < lines.length; line++) {
            String from = packageOf(-1);
            int column = 0;
            int begun = 0;
            String[] segments =
                    line < mapped.length && !mapped[line].isEmpty() ? mapped[line].split(",") : new String[0];
            for (String segment : segments) {
                mappings = segment;
                read = 0;
                column += next();
                add(from, column - begun);
                begun = column;
                boolean named = read < segment.length();
                source += named ? next() : 0;
                from = packageOf(named ? source : -1);
            }
            add(from, lines[line].length() - begun);
        }
    }

    private void add(String from, int count) {
        characters.merge(from, count, Integer::sum);
    }

    /** One signed number of a segment. */
    private int next() {
        int value = 0;
        int shift = 0;
        int digit;
        do {
            digit = DIGITS.indexOf(mappings.charAt(read++));
            value |= (digit & (CONTINUES - 1)) << shift;
            shift += 5;
        } while ((digit & CONTINUES) != 0);
        return (value & 1) == 0 ? value >> 1 : -(value >> 1);
    }

    /** Our own packages by their names; of others, whose they are. */
    private String packageOf(int source) {
        String path = source < 0 ? "" : sources.get(source).asString();
        int end = path.lastIndexOf('/');
        if (end < 0) {
            return "without a source";
        }
        String[] parts = path.substring(0, end).split("/");
        int kept = Math.min(parts.length, parts[0].equals("java") ? 2 : PARTS_OF_A_NAME);
        return String.join(".", java.util.Arrays.copyOf(parts, kept));
    }
}
