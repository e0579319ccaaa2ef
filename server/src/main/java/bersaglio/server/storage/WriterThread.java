package bersaglio.server.storage;

/** The thread that writes: the only one that is given a connection with the right to. */
final class WriterThread extends Thread {

    WriterThread(Runnable work) {
        super(work, "writer");
        setDaemon(true);
    }

    static boolean isCurrent() {
        return Thread.currentThread() instanceof WriterThread;
    }
}
