package bersaglio.wire;

public @interface Formats {
    Class<?>[] value();

    Class<?>[] shown() default {};

    Class<?>[] byHand() default {};
}
