package glimble.server.problems;

import glimble.document.Problem;
import java.util.List;
import java.util.Optional;

/** What was sent is well-formed, but cannot be taken. */
public class Refused extends RuntimeException {
    private final transient List<Problem> problems;
    private final String said;

    public Refused(List<Problem> problems) {
        this(problems, null);
    }

    private Refused(List<Problem> problems, String said) {
        super(said == null ? problems.get(0).toString() : said);
        this.problems = List.copyOf(problems);
        this.said = said;
    }

    /** @param said the first of them as people say it, without a path */
    public static Refused saying(String said, List<Problem> problems) {
        return new Refused(problems, said);
    }

    public Refused(String path, String sentence) {
        this(List.of(new Problem(path, sentence)));
    }

    public Optional<String> said() {
        return Optional.ofNullable(said);
    }

    public List<Problem> problems() {
        return problems;
    }
}
