package bersaglio.core.rally;

import java.util.OptionalDouble;

/** Which contacts make the length of a rally. */
public enum Contacts {
    ALL {
        @Override
        public int of(int contacts, int own) {
            return contacts;
        }
    },
    OWN {
        @Override
        public int of(int contacts, int own) {
            return own;
        }
    },
    AFTER_THE_SERVE {
        @Override
        public int of(int contacts, int own) {
            return Math.max(0, contacts - 1);
        }
    };

    /**
     * @param contacts of both sides
     * @param own      those of the player among them
     */
    public abstract int of(int contacts, int own);

    /** A length by this, by another; nothing where that is not known of it, as nobody knows whose contacts they were. */
    public OptionalDouble by(Contacts other, double length) {
        if (this == other) {
            return OptionalDouble.of(length);
        }
        if (this == OWN || other == OWN) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(this == ALL ? Math.max(0, length - 1) : length + 1);
    }
}
