package bersaglio.core.court;

/** By how many metres a point lies beyond an area, and on which side; ties go to the depth. */
public record Overshoot(Side side, double metres) {

    /** Under a thousandth of a millimetre nothing is beyond an edge: two machines must agree. */
    static final double NOTHING = 1e-9;

    static final Overshoot NONE = new Overshoot(Side.NONE, 0);

    public boolean isNone() {
        return side == Side.NONE;
    }
}
