package bersaglio.core.rally;

import bersaglio.core.words.Said;
import java.util.OptionalDouble;

/** Which contacts make the length of a rally. */
public enum Contacts implements Said {
    ALL("all contacts") {
        @Override
        public int of(int contacts, int own) {
            return contacts;
        }
    },
    OWN("own contacts") {
        @Override
        public int of(int contacts, int own) {
            return own;
        }
    },
    AFTER_THE_SERVE("contacts after the serve") {
        @Override
        public int of(int contacts, int own) {
            return Math.max(0, contacts - 1);
        }
    };

    private final String words;

    Contacts(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }

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
