package bersaglio.core.format;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Target;

/** The field that a component is written in, where it is not called as the component is. */
@Documented
@Target(ElementType.RECORD_COMPONENT)
public @interface Called {
    String value();
}
