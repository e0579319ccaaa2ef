package bersaglio.server.storage;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The one place where anything is written. Work that waits, or comes while other work is done, is taken together: each
 * piece stands behind a savepoint of its own, all are committed at once, forced to disc at once, and only then answered.
 * The database lets nobody else write.
 */
@Component
public class Writer implements AutoCloseable {

    /** Longer than this no work waits for its turn. */
    public static final Duration PATIENCE = Duration.ofSeconds(2);

    static final int MOST_TOGETHER = 64;

    private static final Logger LOG = LoggerFactory.getLogger(Writer.class);

    private final TransactionTemplate transaction;
    private final Disc disc;
    private final BlockingQueue<Work<?>> waiting = new LinkedBlockingQueue<>();
    private final Thread thread = new WriterThread(this::writeForEver);
    private volatile boolean closed;
    private final List<Runnable> thereafter = new ArrayList<>();
    private @Nullable TransactionStatus current;

    Writer(PlatformTransactionManager transactions, Disc disc) {
        this.transaction = new TransactionTemplate(transactions);
        this.disc = disc;
        thread.start();
    }

    /**
     * Does some work that writes; what it wrote is on disc when this returns. Work that throws leaves nothing behind, and
     * takes no other work with it. Work within work belongs to it.
     *
     * @throws NotWritten when its turn did not come in time, or nothing can be written now
     */
    public <T> T write(Supplier<T> work) {
        if (isWriting()) {
            return work.get();
        }
        Work<T> asked = new Work<>(work);
        waiting.add(asked);
        if (closed && asked.take()) {
            throw new NotWritten(NotWritten.Why.CLOSED, null);
        }
        return asked.await();
    }

    public void run(Runnable work) {
        write(() -> {
            work.run();
            return true;
        });
    }

    /** Within work: a part that, when it throws, leaves nothing behind while the rest goes on. */
    public <T> T attempt(Supplier<T> part) {
        TransactionStatus status = current;
        if (!isWriting() || status == null) {
            throw new IllegalStateException("there is nothing to be a part of");
        }
        Object savepoint = status.createSavepoint();
        int before = thereafter.size();
        try {
            T done = part.get();
            status.releaseSavepoint(savepoint);
            return done;
        } catch (RuntimeException failure) {
            status.rollbackToSavepoint(savepoint);
            thereafter.subList(before, thereafter.size()).clear();
            throw failure;
        }
    }

    /** Within work: what is to happen once it is on disc, before anything else is written; never, if it comes to nothing. */
    public void whenWritten(Runnable happens) {
        if (!isWriting()) {
            throw new IllegalStateException("there is nothing that is being written");
        }
        thereafter.add(happens);
    }

    /** How much waits for its turn. */
    int waiting() {
        return waiting.size();
    }

    private boolean isWriting() {
        return Thread.currentThread() == thread;
    }

    private void writeForEver() {
        try {
            while (!closed || !waiting.isEmpty()) {
                Work<?> first = waiting.take();
                if (first.take()) {
                    writeTogether(first);
                }
            }
        } catch (InterruptedException stopped) {
            closed = true;
        }
    }

    private void writeTogether(Work<?> first) {
        List<Work<?>> all = new ArrayList<>(List.of(first));
        thereafter.clear();
        try {
            disc.requireRoom();
            transaction.executeWithoutResult(status -> {
                current = status;
                first.doIt();
                Work<?> next = waiting.poll();
                while (next != null) {
                    if (next.take()) {
                        all.add(next);
                        next.doIt();
                    }
                    next = all.size() < MOST_TOGETHER ? waiting.poll() : null;
                }
            });
            disc.force();
        } catch (RuntimeException | Error failure) {
            NotWritten why = NotWritten.because(failure, disc);
            if (failure != why) {
                LOG.error("Nothing could be written; the database is opened again.", failure);
                disc.openAgain();
            }
            all.forEach(work -> work.answer.completeExceptionally(why));
            return;
        } finally {
            current = null;
        }
        thereafter.forEach(Runnable::run);
        all.forEach(Work::tell);
    }

    /** Takes no more work; what has been asked for is done first. */
    @Override
    public void close() {
        closed = true;
        // Wakes a writer that has nothing to do.
        waiting.add(new Work<>(() -> true));
        try {
            thread.join(TimeUnit.SECONDS.toMillis(30));
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** One piece of work, until it is answered. */
    private final class Work<T> {

        private final Supplier<T> work;
        private final AtomicBoolean taken = new AtomicBoolean();
        private final CompletableFuture<T> answer = new CompletableFuture<>();
        private @Nullable T result;
        private @Nullable RuntimeException failure;

        Work(Supplier<T> work) {
            this.work = work;
        }

        /** Whoever comes first has it: the writer, who does it, or the one who waits, who gives it up. */
        boolean take() {
            return taken.compareAndSet(false, true);
        }

        void doIt() {
            try {
                result = attempt(work);
            } catch (RuntimeException thrown) {
                if (NotWritten.isOutage(thrown)) {
                    throw thrown;
                }
                failure = thrown;
            }
        }

        void tell() {
            if (failure != null) {
                answer.completeExceptionally(failure);
            } else {
                answer.complete(result);
            }
        }

        /** Work that was not taken in time never will be; work that was taken is waited for. */
        T await() {
            try {
                return answer.get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS);
            } catch (TimeoutException late) {
                if (take()) {
                    throw new NotWritten(NotWritten.Why.BUSY, null);
                }
                return settled();
            } catch (ExecutionException failed) {
                return settled();
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                throw new NotWritten(NotWritten.Why.CLOSED, stopped);
            }
        }

        private T settled() {
            try {
                return answer.join();
            } catch (CompletionException failed) {
                if (failed.getCause() instanceof RuntimeException thrown) {
                    throw thrown;
                }
                throw failed;
            }
        }
    }
}
