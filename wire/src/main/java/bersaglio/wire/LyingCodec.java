package bersaglio.wire;

import bersaglio.wire.view.CardView;
import bersaglio.wire.view.CourtView;
import bersaglio.wire.view.LyingView;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;

/** How a target lies, as JSON. */
public final class LyingCodec {

    private LyingCodec() {}

    public static JsonObject encode(LyingView lying) {
        JsonArray stages = new JsonArray();
        for (LyingView.StageView stage : lying.stages()) {
            JsonArray zones = new JsonArray();
            stage.zones().forEach(zone -> zones.add(encode(zone)));
            stages.add(Json.object()
                    .add("plane", stage.plane().name())
                    .add("inUse", encode(stage.inUse()))
                    .add("zones", zones));
        }
        return Json.object().add("stages", stages);
    }

    private static JsonObject encode(CourtView.RegionView region) {
        JsonArray unused = new JsonArray();
        region.unused().forEach(unused::add);
        return Json.object()
                .add("id", region.id())
                .add("area", AreaCodec.encode(region.area()))
                .add("unused", unused);
    }

    private static JsonObject encode(LyingView.LyingZoneView zone) {
        JsonObject json = Json.object()
                .add("number", zone.number())
                .add("name", zone.name())
                .add("whole", AreaCodec.encode(zone.whole()));
        if (zone.good() != null) {
            json.add("good", AreaCodec.encode(zone.good()));
        }
        if (zone.spoilt() != null) {
            json.add("spoilt", AreaCodec.encode(zone.spoilt()));
        }
        json.add("avoid", zone.avoid());
        if (zone.rings() != null) {
            json.add("rings", TargetCodec.encode(zone.rings()));
        }
        if (zone.aim() != null) {
            json.add("aim", AreaCodec.encode(zone.aim()));
        }
        JsonArray cards = new JsonArray();
        zone.cards().forEach(card -> cards.add(encode(card)));
        return json.add("size", zone.size()).add("share", zone.share()).add("cards", cards);
    }

    private static JsonObject encode(CardView card) {
        JsonArray markers = new JsonArray();
        for (CardView.MarkerView marker : card.markers()) {
            markers.add(Json.object().add("across", encode(marker.across())).add("along", encode(marker.along())));
        }
        return Json.object()
                .add("piece", card.piece().name())
                .add("number", card.number())
                .add("markers", markers)
                .add("radius", card.radius());
    }

    private static JsonObject encode(CardView.OffsetView offset) {
        return Json.object()
                .add("line", offset.line())
                .add("metres", offset.metres())
                .add("side", offset.side().name());
    }
}
