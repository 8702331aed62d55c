package glimble.handover;

import tools.jackson.databind.JsonNode;

/**
 * A number for what a JSON value says, the same as {@code fingerprint} in {@code identity.mjs} makes of the same value: members by name,
 * texts by their chars, numbers by their bits.
 */
final class Fingerprint {
    private static final int PRIME = 0x01000193;
    private int sum = 0x811C9DC5;

    private Fingerprint() {}

    static int of(JsonNode node) {
        Fingerprint print = new Fingerprint();
        print.add(node);
        return print.sum;
    }

    private void add(JsonNode node) {
        if (node.isObject()) {
            add('{');
            node.properties().stream()
                    // What is not there is not written by the one, and as nothing by the other.
                    .filter(member -> !member.getValue().isNull())
                    .sorted(java.util.Map.Entry.comparingByKey())
                    .forEach(member -> {
                        add(member.getKey());
                        add(member.getValue());
                    });
        } else if (node.isArray()) {
            add('[');
            for (JsonNode item : node) add(item);
            add(']');
        } else if (node.isString()) {
            add(node.stringValue());
        } else if (node.isNumber()) {
            // There is one zero.
            long bits = Double.doubleToLongBits(node.doubleValue() + 0.0);
            add((int) bits);
            add((int) (bits >>> 32));
        } else {
            add(node.booleanValue() ? 't' : 'f');
        }
    }

    private void add(String text) {
        for (int i = 0; i < text.length(); i++) add(text.charAt(i));
        add('"');
    }

    private void add(int number) {
        sum = (sum ^ number) * PRIME;
    }
}
