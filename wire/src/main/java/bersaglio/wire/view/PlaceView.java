package bersaglio.wire.view;

import bersaglio.core.court.Point;

/** A place on a surface, in metres. */
public record PlaceView(double x, double y) {

    public static PlaceView of(Point place) {
        return new PlaceView(place.x(), place.y());
    }
}
