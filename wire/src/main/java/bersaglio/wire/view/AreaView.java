package bersaglio.wire.view;

import bersaglio.core.court.Rectangle;

/** An upright rectangle, in metres. */
public record AreaView(double left, double near, double right, double far) {

    public static AreaView of(Rectangle area) {
        return new AreaView(area.left(), area.near(), area.right(), area.far());
    }
}
