package bersaglio.wire;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What a format that is made by hand writes, for the schemas. */
@Retention(RetentionPolicy.SOURCE)
@Target(ElementType.TYPE)
@interface WrittenAs {

    /** A record of its fields; a map is numbers by their names. */
    Class<?> value();
}
