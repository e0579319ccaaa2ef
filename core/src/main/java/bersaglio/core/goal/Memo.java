package bersaglio.core.goal;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import java.util.function.ToIntFunction;

/**
 * What was worked out before and would come out the same again. Whoever makes one says by that how long it is kept and for
 * whom; it says nothing of its own, and so is equal to any other.
 */
public final class Memo {

    /** About as many states of sets. */
    private static final int MOST = 240_000;

    private final Map<Object, Object> known = new ConcurrentHashMap<>();
    private final AtomicInteger weight = new AtomicInteger();

    /**
     * @param question all that the answer depends on
     * @param weigh    how much room an answer takes, in states of sets
     */
    @SuppressWarnings("unchecked")
    public <T> T recall(Object question, Supplier<T> work, ToIntFunction<T> weigh) {
        Object before = known.get(question);
        if (before != null) {
            return (T) before;
        }
        T answer = work.get();
        int heavy = weigh.applyAsInt(answer);
        if (weight.addAndGet(heavy) > MOST) {
            known.clear();
            weight.set(heavy);
        }
        known.put(question, answer);
        return answer;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Memo;
    }

    @Override
    public int hashCode() {
        return 0;
    }
}
