package bersaglio.core.court;

/**
 * Where a shot is judged, with its own frame in metres. Floor and table behind a net: the origin is the middle of the
 * net line, {@code x} to the hitter's right, {@code y} away from the hitter. Floor before a front wall: the origin is
 * the foot of that wall in the middle, {@code y} away from it, {@code x} to the right of someone who faces it. Front
 * wall: {@code x} to the hitter's right from the middle, {@code y} up from the floor. Side wall: {@code x} away from
 * the front wall, {@code y} up. Ring: the origin is its centre, {@code y} away from the shooter. Own half: the frame of
 * the half hit into, so {@code y} is below 0. Over the net: {@code x} to the hitter's right from the middle, {@code y}
 * up from the floor or table.
 */
public enum Plane {
    FLOOR,
    TABLE,
    FRONT_WALL,
    LEFT_WALL,
    RIGHT_WALL,
    RING,
    OWN_HALF,
    OVER_NET
}
