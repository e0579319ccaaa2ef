package bersaglio.core.problem;

/** Thrown where a value breaks its rule; carries the {@link Problem} for whoever can act on it. */
public final class Refused extends IllegalArgumentException {

    private final transient Problem problem;

    public Refused(Problem problem) {
        super(problem.field() + ": " + problem.code() + " (got " + problem.value() + ", allowed " + problem.allowed()
                + ")");
        this.problem = problem;
    }

    public Refused(String code, String field, String value, String allowed) {
        this(new Problem(code, field, value, allowed));
    }

    /** The same, with its field named from one level further up. */
    public Refused under(String field) {
        String path = problem.field().equals(field) ? field : field + "." + problem.field();
        return new Refused(problem.code(), path, problem.value(), problem.allowed());
    }

    public Problem problem() {
        return problem;
    }
}
