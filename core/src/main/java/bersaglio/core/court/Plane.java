package bersaglio.core.court;

import bersaglio.core.words.Said;

/**
 * Where a shot is judged, with its own frame in metres. Floor and table behind a net: the origin is the middle of the
 * net line, {@code x} to the hitter's right, {@code y} away from the hitter. Floor before a front wall: the origin is
 * the foot of that wall in the middle, {@code y} away from it, {@code x} to the right of someone who faces it. Front
 * wall: {@code x} to the hitter's right from the middle, {@code y} up from the floor. Side wall: {@code x} away from
 * the front wall, {@code y} up. Ring: the origin is its centre, {@code y} away from the shooter. Own half: the frame of
 * the half hit into, so {@code y} is below 0. Over the net: {@code x} to the hitter's right from the middle, {@code y}
 * up from the floor or table.
 */
public enum Plane implements Said {
    FLOOR("on the floor"),
    TABLE("on the table"),
    FRONT_WALL("on the front wall"),
    LEFT_WALL("on the left wall"),
    RIGHT_WALL("on the right wall"),
    RING("on the ring"),
    OWN_HALF("on the own half"),
    OVER_NET("on the plane over the net");

    private final String words;

    Plane(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
