package bersaglio.core.rally;

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
}
