package glimble.graphic;

import java.util.List;
import java.util.Optional;

/** What must hold of the values of a field, or of what is on air, for a case to answer. */
public sealed interface Condition {

    /** The field it is about; empty if it is about what is on air. */
    Optional<String> about();

    /** There is something in the field, or nothing but white space. Of a switch: on, or off. */
    record Filled(String field, boolean filled) implements Condition {
        @Override
        public Optional<String> about() {
            return Optional.of(field);
        }
    }

    /** It is one of these, white space around it set aside. */
    record OneOf(String field, List<String> texts) implements Condition {
        public OneOf {
            texts = List.copyOf(texts);
        }

        @Override
        public Optional<String> about() {
            return Optional.of(field);
        }
    }

    /** It has more letters than so many; a letter with its marks is one. */
    record Longer(String field, int letters) implements Condition {
        @Override
        public Optional<String> about() {
            return Optional.of(field);
        }
    }

    /**
     * The text that shows it is wider, before any squeeze, than so many px, or than a part is at rest.
     *
     * @param part key of a part; empty for px
     * @param px of no account with a part
     */
    record Wider(String field, String part, double px) implements Condition {
        @Override
        public Optional<String> about() {
            return Optional.of(field);
        }
    }

    /** It is a number, and at least, or at most, so large. */
    record Number(String field, boolean atLeast, double bound) implements Condition {
        @Override
        public Optional<String> about() {
            return Optional.of(field);
        }
    }

    /** What is on air when the graphic is taken. */
    record OnAir(Standing standing) implements Condition {
        @Override
        public Optional<String> about() {
            return Optional.empty();
        }
    }

    /** What may be on air. */
    enum Standing {
        NOTHING("nothing"),
        /** This graphic with other values. */
        SAME("same"),
        ANOTHER("another");

        private final String word;

        Standing(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }

        /** That of a word; nothing for any other. */
        public static Standing named(String word) {
            for (Standing standing : values()) if (standing.word.equals(word)) return standing;
            return NOTHING;
        }
    }
}
