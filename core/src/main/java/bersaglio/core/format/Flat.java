package bersaglio.core.format;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Target;

/** The fields of this component stand among those of the record that has it. */
@Documented
@Target(ElementType.RECORD_COMPONENT)
public @interface Flat {}
