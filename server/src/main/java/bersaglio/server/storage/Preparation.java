package bersaglio.server.storage;

/** Work on the data that is done, in the order of the beans, before the first request is answered. */
public interface Preparation {

    void prepare();
}
