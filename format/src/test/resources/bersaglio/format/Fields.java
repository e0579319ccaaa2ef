package bersaglio.wire;

import java.util.function.Supplier;

public interface Fields {
    <T> T at(Supplier<T> made);

    boolean has(String name);

    int count(String name);

    double number(String name);

    String text(String name);

    String field(String name);
}
