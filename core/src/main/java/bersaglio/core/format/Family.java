package bersaglio.core.format;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Target;

/** A sealed family of records; each is written with its {@link Kind} in one field. */
@Documented
@Target(ElementType.TYPE)
public @interface Family {
    /** The field. */
    String field() default "kind";

    /** Whether that field stands in what holds the record, beside it. */
    boolean apart() default false;
}
