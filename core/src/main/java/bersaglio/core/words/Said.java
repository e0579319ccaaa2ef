package bersaglio.core.words;

/** A value with words of its own. */
public interface Said {

    /** Empty where it goes without saying. */
    String words();
}
