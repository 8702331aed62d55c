package glimble.server.problems;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.MismatchedInputException;

/** What is wrong with JSON, for people: without the names of our classes. */
final class BadJson {
    private BadJson() {}

    static String sentence(JacksonException e) {
        String at = path(e.getPath());
        if (e instanceof StreamReadException) return plain(e.getOriginalMessage());
        if (e instanceof MismatchedInputException mismatched)
            return at + " must be " + kind(mismatched.getTargetType()) + ".";
        return at + " cannot be read.";
    }

    /** Without the library's advice to its programmers. */
    private static String plain(String message) {
        int advice = message.indexOf(" (set ");
        return advice < 0 ? message : message.substring(0, advice);
    }

    private static String path(List<JacksonException.Reference> path) {
        StringBuilder at = new StringBuilder("$");
        for (JacksonException.Reference step : path) {
            if (step.getPropertyName() != null) at.append('.').append(step.getPropertyName());
            else if (step.getIndex() >= 0)
                at.append('[').append(step.getIndex()).append(']');
        }
        return at.toString();
    }

    private static String kind(Class<?> type) {
        if (type == null) return "something else";
        if (type == String.class) return "a text";
        if (type == int.class || type == Integer.class || type == long.class || type == Long.class)
            return "a whole number";
        if (type == double.class || type == Double.class) return "a number";
        if (type == boolean.class || type == Boolean.class) return "true or false";
        if (type.isEnum()) return "one of " + words(type.getEnumConstants());
        if (Collection.class.isAssignableFrom(type)) return "a list";
        return Map.class.isAssignableFrom(type) || type.isRecord() ? "an object" : "something else";
    }

    private static String words(Object[] constants) {
        return String.join(", ", Arrays.stream(constants).map(Object::toString).toList());
    }
}
