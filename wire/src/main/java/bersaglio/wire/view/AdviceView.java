package bersaglio.wire.view;

import bersaglio.core.charting.Said;
import bersaglio.core.drill.Advice;
import bersaglio.core.drill.Figure;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What a rule says: a code of the message file with its figures. */
public record AdviceView(Advice.Call call, String code, Map<String, Double> figures) {

    public static AdviceView of(Advice advice) {
        return new AdviceView(advice.call(), advice.code(), byName(advice.figures()));
    }

    public static AdviceView of(Said said) {
        return new AdviceView(said.call(), said.code(), byName(said.figures()));
    }

    private static Map<String, Double> byName(List<Figure> figures) {
        Map<String, Double> named = new LinkedHashMap<>();
        for (Figure figure : figures) {
            named.put(figure.name(), figure.value());
        }
        return named;
    }
}
