package bersaglio.wire;

import bersaglio.core.drill.Figure;
import com.eclipsesource.json.JsonObject;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The figures of a verdict, by their names. */
@WrittenAs(Map.class)
public final class FiguresFormat {

    private FiguresFormat() {}

    public static JsonObject encode(List<Figure> figures) {
        JsonObject json = new JsonObject();
        figures.forEach(figure -> json.add(figure.name(), figure.value()));
        return json;
    }

    public static List<Figure> decode(Fields fields) {
        List<Figure> figures = new ArrayList<>();
        fields.names().forEach(name -> figures.add(new Figure(name, fields.number(name))));
        return figures;
    }
}
