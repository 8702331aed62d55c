package glimble.server.problems;

import glimble.document.Problem;
import java.util.List;

/** What was sent is well-formed, but cannot be taken. */
public class Refused extends RuntimeException {
    private final transient List<Problem> problems;

    public Refused(List<Problem> problems) {
        super(problems.get(0).toString());
        this.problems = List.copyOf(problems);
    }

    public Refused(String path, String sentence) {
        this(List.of(new Problem(path, sentence)));
    }

    public List<Problem> problems() {
        return problems;
    }
}
