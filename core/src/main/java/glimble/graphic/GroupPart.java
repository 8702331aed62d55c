package glimble.graphic;

import java.util.List;

/**
 * Parts that belong together: they move together, are masked together, and others can hang on or wrap all of them at once. It
 * stands around its parts, or, placed itself, its parts hang on it. It draws nothing and never cuts anything off.
 *
 * @param parts keys of its parts, each in one group only
 */
public record GroupPart(Base base, List<String> parts) implements Part {

    public GroupPart {
        parts = List.copyOf(parts);
    }

    /** The size of a group that says nothing else: from the first edge of its parts to the last. */
    public static Size around(List<String> parts) {
        return new Size.Wraps(parts, Size.Take.UNION, 0, 0, 0, Size.ENDLESS);
    }

    @Override
    public String kind() {
        return "group";
    }

    @Override
    public GroupPart withBase(Base other) {
        return new GroupPart(other, parts);
    }

    @Override
    public boolean isDrawn() {
        return false;
    }
}
