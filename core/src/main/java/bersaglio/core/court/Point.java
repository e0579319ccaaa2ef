package bersaglio.core.court;

/**
 * A place on a court half, in metres, in the hitter's frame: {@code x} to the hitter's right from the middle, {@code y}
 * away from the hitter from the net. Stored so whichever end it was hit from.
 */
public record Point(double x, double y) {

    public Point mirrored() {
        return new Point(-x, y);
    }
}
