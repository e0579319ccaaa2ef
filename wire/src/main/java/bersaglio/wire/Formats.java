package bersaglio.wire;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Asks for formats: classes that write records as JSON and read them, made while this is compiled. */
@Retention(RetentionPolicy.SOURCE)
@Target(ElementType.PACKAGE)
@interface Formats {

    /** What is written and read, with all that it is made of. */
    Class<?>[] value();

    /** What is only written. */
    Class<?>[] shown();

    /** Who writes by hand what is written otherwise than as its components. */
    Class<?>[] byHand();
}
