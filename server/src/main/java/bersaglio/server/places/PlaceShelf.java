package bersaglio.server.places;

import bersaglio.core.place.Place;
import bersaglio.server.storage.Shelf;
import bersaglio.wire.Fields;
import bersaglio.wire.format.PlaceFormat;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The club's places. */
@Configuration
class PlaceShelf implements Shelf.Form<Place> {

    @Bean
    Shelf<Place> places(Shelf.Shelves shelves) {
        return shelves.of(this);
    }

    @Override
    public String kind() {
        return "place";
    }

    @Override
    public String id(Place place) {
        return place.id();
    }

    @Override
    public int version(Place place) {
        return place.version();
    }

    @Override
    public String name(Place place) {
        return place.name();
    }

    @Override
    public Place as(int version, Place place) {
        return place.as(version);
    }

    @Override
    public String write(Place place) {
        return PlaceFormat.encode(place).toString();
    }

    @Override
    public Place read(String text) {
        return PlaceFormat.decode(Fields.read(text));
    }
}
