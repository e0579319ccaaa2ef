package bersaglio.core.format;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Target;

/** Nothing that is written: what is read has a new one, made without arguments. */
@Documented
@Target(ElementType.RECORD_COMPONENT)
public @interface Unwritten {}
