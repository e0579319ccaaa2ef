package bersaglio.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import org.h2.jdbcx.JdbcDataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.support.JdbcTransactionManager;

class WriterTest {

    private final ExecutorService askers = Executors.newCachedThreadPool();
    private final CountedDisc disc = new CountedDisc();
    private JdbcTemplate jdbc;
    private Writer writer;

    /** Says how often it was forced, and has room or not as the test wants. */
    private static final class CountedDisc implements Disc {
        private volatile int forced;
        private volatile boolean full;
        private volatile boolean broken;
        private volatile int openedAgain;

        @Override
        public void openAgain() {
            openedAgain++;
        }

        @Override
        public void force() {
            if (broken) {
                throw new IllegalStateException("the disc is gone");
            }
            forced++;
        }

        @Override
        public boolean hasRoom() {
            return !full;
        }
    }

    @BeforeEach
    void aTable() {
        JdbcDataSource source = new JdbcDataSource();
        source.setUrl("jdbc:h2:mem:writer;DB_CLOSE_DELAY=-1");
        jdbc = new JdbcTemplate(source);
        jdbc.execute("create table word (text varchar(5) primary key)");
        writer = new Writer(new JdbcTransactionManager(source), disc);
    }

    @AfterEach
    void gone() {
        writer.close();
        askers.shutdownNow();
        jdbc.execute("shutdown");
    }

    private void add(String text) {
        jdbc.update("insert into word values (?)", text);
    }

    private List<String> words() {
        return jdbc.queryForList("select text from word order by text", String.class);
    }

    /** What is asked for while the writer is busy waits, and is then taken together. */
    private List<Future<Object>> whileHeld(List<Callable<Object>> asked, Consumer<List<Future<Object>>> meanwhile)
            throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        Future<?> holding = askers.submit(() -> writer.run(() -> {
            begun.countDown();
            awaiting(goOn);
        }));
        begun.await();
        List<Future<Object>> answers = new ArrayList<>();
        for (Callable<Object> one : asked) {
            answers.add(askers.submit(one));
        }
        while (writer.waiting() < asked.size()) {
            Thread.onSpinWait();
        }
        meanwhile.accept(answers);
        goOn.countDown();
        holding.get();
        return answers;
    }

    private static void awaiting(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException stopped) {
            throw new IllegalStateException(stopped);
        }
    }

    private Callable<Object> adding(String... texts) {
        return () -> writer.write(() -> {
            for (String text : texts) {
                add(text);
            }
            return texts.length;
        });
    }

    @Test
    void whatComesWhileWorkIsDoneIsWrittenWithItAndForcedOnce() throws Exception {
        List<Future<Object>> answers = whileHeld(List.of(adding("one"), adding("two"), adding("three")), held -> {});
        for (Future<Object> answer : answers) {
            assertThat(answer.get()).isEqualTo(1);
        }
        assertThat(words()).containsExactly("one", "three", "two");
        assertThat(disc.forced).as("with what held them up").isEqualTo(1);
    }

    @Test
    void onlySoMuchIsWrittenTogether() throws Exception {
        List<Callable<Object>> many = new ArrayList<>();
        for (int word = 0; word < Writer.MOST_TOGETHER; word++) {
            many.add(adding("w" + word));
        }
        for (Future<Object> answer : whileHeld(many, held -> {})) {
            assertThat(answer.get()).isEqualTo(1);
        }
        assertThat(words()).hasSize(Writer.MOST_TOGETHER);
        assertThat(disc.forced).as("the last of them finds no place").isEqualTo(2);
    }

    @Test
    void whatFailsLeavesNothingBehindAndTakesNobodyWithIt() throws Exception {
        List<Future<Object>> answers =
                whileHeld(List.of(adding("one"), adding("two", "far too long"), adding("three")), held -> {});
        assertThatThrownBy(() -> answers.get(1).get()).hasMessageContaining("too long");
        assertThat(answers.get(0).get()).isEqualTo(1);
        assertThat(answers.get(2).get()).isEqualTo(1);
        assertThat(words()).containsExactly("one", "three");
    }

    @Test
    void aPartThatFailsLeavesTheRestOfItsWork() {
        writer.run(() -> {
            add("one");
            assertThatThrownBy(() -> writer.attempt(() -> {
                        add("two");
                        add("far too long");
                        return true;
                    }))
                    .hasMessageContaining("too long");
            writer.run(() -> add("three"));
        });
        assertThat(words()).containsExactly("one", "three");
    }

    @Test
    void whoseTurnDoesNotComeInTimeIsToldSoAndNothingOfItIsEverDone() throws Exception {
        whileHeld(List.of(adding("late")), late -> {
            long asked = System.nanoTime();
            assertThatThrownBy(() -> adding("later").call())
                    .isInstanceOfSatisfying(
                            NotWritten.class, busy -> assertThat(busy.why()).isEqualTo(NotWritten.Why.BUSY));
            assertThat(Duration.ofNanos(System.nanoTime() - asked)).isGreaterThanOrEqualTo(Writer.PATIENCE);
            assertThatThrownBy(() -> late.get(0).get()).hasCauseInstanceOf(NotWritten.class);
        });
        adding("now").call();
        assertThat(words()).containsExactly("now");
    }

    @Test
    void nothingIsAnsweredAsStoredThatIsNotForced() {
        disc.broken = true;
        assertThatThrownBy(() -> adding("one").call())
                .isInstanceOfSatisfying(
                        NotWritten.class, failed -> assertThat(failed.why()).isEqualTo(NotWritten.Why.FAILED));
        assertThat(disc.openedAgain).isEqualTo(1);
    }

    @Test
    void aFullDiscIsNotWrittenToAndItGoesOnWhenThereIsRoom() throws Exception {
        disc.full = true;
        assertThatThrownBy(() -> adding("one").call())
                .isInstanceOfSatisfying(
                        NotWritten.class, full -> assertThat(full.why()).isEqualTo(NotWritten.Why.NO_ROOM));
        assertThat(words()).isEmpty();
        disc.full = false;
        adding("one").call();
        assertThat(words()).containsExactly("one");
    }

    @Test
    void whatWasAskedBeforeTheEndIsDoneAndNothingAfterIt() throws Exception {
        List<Future<Object>> answers = whileHeld(List.of(adding("last")), held -> askers.submit(writer::close));
        assertThat(answers.get(0).get()).isEqualTo(1);
        writer.close();
        assertThatThrownBy(() -> adding("after").call()).isInstanceOf(NotWritten.class);
        assertThat(words()).containsExactly("last");
    }
}
