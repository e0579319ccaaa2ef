package bersaglio.server.storage;

/** What was committed is on disc once {@link #force} has returned; nothing is acknowledged before. */
public interface Disc {

    void force();
}
