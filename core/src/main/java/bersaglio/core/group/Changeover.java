package bersaglio.core.group;

import bersaglio.core.problem.Check;

/**
 * When everybody changes.
 *
 * @param every 1 to 200 balls or points, or 1 to 60 minutes
 * @param ahead balls, points or seconds before it is due at which it is called
 */
public record Changeover(By by, int every, int ahead) {

    /** What is counted until then. */
    public enum By {
        BALLS(200, 1),
        POINTS(200, 1),
        MINUTES(60, 60);

        private final int most;
        private final int parts;

        By(int most, int parts) {
            this.most = most;
            this.parts = parts;
        }
    }

    public Changeover {
        Check.requireBetween("every", every, 1, by.most);
        Check.requireBetween("ahead", ahead, 0, every * by.parts - 1);
    }

    /** How far it is, in balls, points or seconds. */
    public int length() {
        return every * by.parts;
    }

    /** What to call out. */
    public enum Call {
        NOTHING,
        SOON,
        STOP;

        /** @param done balls, points or seconds of a turn of such a length */
        public static Call after(int length, int ahead, int done) {
            if (done >= length) {
                return STOP;
            }
            return ahead > 0 && done >= length - ahead ? SOON : NOTHING;
        }
    }

    /** @param done balls, points or seconds of the turn so far */
    public Call after(int done) {
        return Call.after(length(), ahead, done);
    }
}
