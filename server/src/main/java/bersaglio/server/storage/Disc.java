package bersaglio.server.storage;

/** What was committed is on disc once {@link #force} has returned; nothing is acknowledged before. */
public interface Disc {

    void force();

    /** After the database failed: what it had open is let go, so that it is opened anew, as it was on disc. */
    default void openAgain() {}

    /** Whether so much is left that a write does not fail half-way. */
    boolean hasRoom();

    /** @throws NotWritten when too little is left to write anything */
    default void requireRoom() {
        if (!hasRoom()) {
            throw new NotWritten(NotWritten.Why.NO_ROOM, null);
        }
    }
}
