package bersaglio.format;

/** A record that says too little, or something that no format has. */
final class CannotBeWritten extends RuntimeException {

    private static final long serialVersionUID = 1;

    CannotBeWritten(String why) {
        super(why);
    }
}
