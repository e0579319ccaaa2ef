package bersaglio.core.format;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Target;

/** What a record is called within its family. */
@Documented
@Target(ElementType.TYPE)
public @interface Kind {
    String value();
}
