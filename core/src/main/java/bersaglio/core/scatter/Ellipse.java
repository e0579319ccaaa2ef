package bersaglio.core.scatter;

import bersaglio.core.court.Point;

/**
 * The ellipse that the next placement falls in with a chosen chance.
 *
 * @param major half of its longer axis, in metres, in the given direction
 * @param minor half of its shorter axis
 */
public record Ellipse(Point middle, Point direction, double major, double minor) {}
