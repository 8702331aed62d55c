package glimble.graphic;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What an operator fills in. Every value is a text, whatever the kind.
 *
 * @param key how parts refer to it, {@code {key}} in a text
 * @param label how the form names it
 * @param required whether a filling without it is incomplete
 * @param longest letters a form lets through, as people count them: of a series in each line, of spoken words in all of them; 0 for no limit
 * @param options what can be chosen, of a choice; empty for any other kind
 * @param language BCP 47, of what is filled in; empty for that of the graphic
 * @param sample what stands in it when the graphic is shown to people
 * @param series how its lines are shown one after the other; empty where they are shown together
 * @param asked how a form asks for it
 * @param former keys it had before, by which what was kept then is still read; of no account where another field has one of them now
 */
public record Field(
        String key,
        String label,
        Kind kind,
        boolean required,
        int longest,
        List<String> options,
        String sample,
        String language,
        Optional<Series> series,
        Asked asked,
        List<String> former) {

    /** One of which all that is filled in is shown together. */
    public Field(
            String key,
            String label,
            Kind kind,
            boolean required,
            int longest,
            List<String> options,
            String sample,
            String language) {
        this(
                key,
                label,
                kind,
                required,
                longest,
                options,
                sample,
                language,
                Optional.empty(),
                Asked.PLAINLY,
                List.of());
    }

    /** One of no language of its own. */
    public Field(
            String key, String label, Kind kind, boolean required, int longest, List<String> options, String sample) {
        this(key, label, kind, required, longest, options, sample, "");
    }

    public Field withSeries(Optional<Series> other) {
        return new Field(key, label, kind, required, longest, options, sample, language, other, asked, former);
    }

    public Field withSample(String other) {
        return new Field(key, label, kind, required, longest, options, other, language, series, asked, former);
    }

    /** @param letters 0 for no limit */
    public Field withLongest(int letters) {
        return new Field(key, label, kind, required, letters, options, sample, language, series, asked, former);
    }

    /** One like it, which shows its lines together and has had no other key. */
    public Field copied(String otherKey, String otherLabel) {
        return called(otherKey, otherLabel, List.of()).withSeries(Optional.empty());
    }

    /** The same field under another key; the one it had is not forgotten, but for the oldest of many. */
    public Field withKey(String other) {
        Set<String> keys = new LinkedHashSet<>(former);
        keys.remove(key);
        keys.add(key);
        keys.remove(other);
        List<String> had = List.copyOf(keys);
        return called(other, label, had.subList(Math.max(0, had.size() - Limits.FORMER), had.size()));
    }

    /** Of which another has a key now. */
    public Field withoutFormer(String other) {
        return called(
                key, label, former.stream().filter(one -> !one.equals(other)).toList());
    }

    /** @param had keys it had before */
    private Field called(String now, String said, List<String> had) {
        return new Field(now, said, kind, required, longest, options, sample, language, series, asked, had);
    }

    /** Whether the one became the other by a change of its key. */
    public boolean isOnce(Field other) {
        return key.equals(other.key) || former.contains(other.key) || other.former.contains(key);
    }

    /** Of a choice. */
    public Field withOptions(List<String> others, String otherSample) {
        return new Field(key, label, kind, required, longest, others, otherSample, language, series, asked, former);
    }

    /** Whether letters are filled in freely. */
    public boolean isText() {
        return kind == Kind.TEXT || kind == Kind.LINES || kind == Kind.SPOKEN;
    }

    public Field {
        options = List.copyOf(options);
        former = List.copyOf(former);
    }

    /**
     * Lines that are shown one after the other, round and round; blank ones are skipped.
     *
     * @param frames of each line, or of all of them together; 1 or more
     * @param each whether they are those of each
     */
    public record Series(int frames, boolean each) {}

    /**
     * What a form says beside it.
     *
     * @param group heading under which it stands with its neighbours of the same; empty for none
     * @param hint what whoever fills it in should know; empty for none
     * @param spelt whether its words are looked up in a dictionary; of no account where no letters are filled in
     */
    public record Asked(String group, String hint, boolean spelt) {
        public static final Asked PLAINLY = new Asked("", "", true);
    }

    /** How a form asks for it. */
    public enum Kind {
        TEXT("text"),
        /** Text that may have line breaks. */
        LINES("lines"),
        CHOICE("choice"),
        /** {@code on}, or blank. */
        SWITCH("switch"),
        NUMBER("number"),
        /** The key of a picture of the house. */
        PICTURE("picture"),
        /** A colour, or the name of one in the palette. */
        COLOUR("colour"),
        /** Words as they are spoken: plain text, or WebVTT that says when. */
        SPOKEN("spoken");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
