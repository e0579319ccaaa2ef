package bersaglio.wire;

import bersaglio.core.measure.LocalMeasure;
import bersaglio.core.place.Place;
import bersaglio.wire.view.TargetView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** A version of a place as JSON. */
public final class PlaceCodec {

    private PlaceCodec() {}

    public static JsonObject encode(Place place) {
        JsonArray measures = new JsonArray();
        for (LocalMeasure measure : place.measures()) {
            measures.add(Json.object()
                    .add("one", measure.one())
                    .add("many", measure.many())
                    .add("metres", measure.metres()));
        }
        JsonObject json = Json.object()
                .add("id", place.id())
                .add("version", place.version())
                .add("name", place.name())
                .add("court", place.court().id());
        place.court()
                .measured()
                .ifPresent(own -> json.add("ownCourt", TargetCodec.encode(TargetView.OwnCourtView.of(own))));
        json.add("measures", measures);
        place.charterSd().ifPresent(sd -> json.add("charterSd", sd));
        return json;
    }

    public static Place decode(JsonValue json) {
        Fields place = Fields.of("", json);
        return new Place(
                place.text("id"),
                place.count("version"),
                place.text("name"),
                TargetCodec.court(place),
                measures(place),
                place.has("charterSd") ? OptionalDouble.of(place.number("charterSd")) : OptionalDouble.empty());
    }

    public static List<LocalMeasure> measures(Fields holder) {
        List<LocalMeasure> measures = new ArrayList<>();
        for (Fields one : holder.objects("measures")) {
            measures.add(one.at(() -> new LocalMeasure(one.text("one"), one.text("many"), one.number("metres"))));
        }
        return measures;
    }
}
