package bersaglio.core.format;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Target;

/** What a component is where its field is left out. */
@Documented
@Target(ElementType.RECORD_COMPONENT)
public @interface Usually {
    /** As Java has it: a number, a constant by its whole name; nothing is an empty text or list. */
    String value();

    /** Whether it is written even where it is this. */
    boolean written() default false;
}
