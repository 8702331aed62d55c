package glimble.document;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A document as a tree of plain values: all that the reader and the writer know of JSON. Whoever has a JSON library
 * adapts it to this.
 */
public sealed interface Tree {

    /** Members by name, in the order they were written. */
    record Obj(Map<String, Tree> members) implements Tree {}

    record Arr(List<Tree> items) implements Tree {}

    record Text(String text) implements Tree {}

    record Num(double number) implements Tree {}

    record Flag(boolean flag) implements Tree {}

    record Nothing() implements Tree {}

    /** What kind of value it is, for people. */
    default String kind() {
        if (this instanceof Obj) return "an object";
        if (this instanceof Arr) return "a list";
        if (this instanceof Text) return "a text";
        if (this instanceof Num) return "a number";
        if (this instanceof Flag) return "true or false";
        return "null";
    }

    /** An object under construction; members keep the order in which they are put. */
    final class Maker {
        private final Map<String, Tree> members = new LinkedHashMap<>();

        public Maker put(String name, Tree value) {
            members.put(name, value);
            return this;
        }

        public Maker put(String name, String text) {
            return put(name, new Text(text));
        }

        public Maker put(String name, double number) {
            return put(name, new Num(number));
        }

        public Maker put(String name, boolean flag) {
            return put(name, new Flag(flag));
        }

        /** Puts the number unless it is what a reader assumes when nothing is said. */
        public Maker putUnless(double assumed, String name, double number) {
            return number == assumed ? this : put(name, number);
        }

        public Maker putUnlessEmpty(String name, List<? extends Tree> items) {
            return items.isEmpty() ? this : put(name, new Arr(new ArrayList<>(items)));
        }

        public Obj made() {
            return new Obj(members);
        }
    }

    static Maker object() {
        return new Maker();
    }
}
