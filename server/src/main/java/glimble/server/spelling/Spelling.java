package glimble.server.spelling;

import glimble.cue.Words;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import glimble.server.people.PeopleStore;
import glimble.spoken.WebVtt;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.lucene.analysis.hunspell.Hunspell;
import org.springframework.stereotype.Service;

/**
 * Finds words that no dictionary has: neither that of the field's language, nor the house's list of words, nor the names of its people. Words
 * in another script than the dictionary's are left alone.
 */
@Service
public class Spelling {
    private static final int SUGGESTED = 4;
    /** Time for suggestions of one look: some words take long, and whoever waits wants to see the others. */
    private static final long NANOS = 100_000_000;

    /** A longer word is none that anybody could mean otherwise. */
    private static final int LONGEST = 40;

    private final Dictionaries dictionaries;
    private final WordMapper words;
    private final PeopleStore people;
    private final Clock clock;

    Spelling(Dictionaries dictionaries, WordMapper words, PeopleStore people, Clock clock) {
        this.dictionaries = dictionaries;
        this.words = words;
        this.people = people;
        this.clock = clock;
    }

    /**
     * A word that is not known.
     *
     * @param field key of the field it stands in
     * @param suggested words that may be meant, the likeliest first
     */
    public record Unknown(String field, String word, List<String> suggested) {}

    /** Whether the house accepts no words. */
    public boolean isEmpty() {
        return words.count() == 0;
    }

    /** A word is right from now on, though no dictionary has it. */
    public void accept(String word) {
        words.add(word, clock.instant());
    }

    /** For one look at many texts: what is known is asked for once. */
    public final class Look {
        private final Set<String> known = new HashSet<>();
        private final Map<String, Optional<Hunspell>> spellers = new HashMap<>();
        private long spent;

        private Look() {
            words.all().forEach(this::know);
            people.current()
                    .rows()
                    .forEach(row -> row.forEach(cell -> Words.of(cell).forEach(this::know)));
        }

        private void know(String word) {
            known.add(word);
            known.add(word.toLowerCase(Locale.ROOT));
        }

        /** Of the fields of a graphic for texts that are to be spelt, in the order of the form. */
        public List<Unknown> of(Graphic graphic, Map<String, String> values) {
            List<Unknown> found = new ArrayList<>();
            for (Field field : graphic.fields()) {
                if (!field.isText() || !field.asked().spelt()) continue;
                String language = field.language().isEmpty() ? graphic.language() : field.language();
                Optional<Hunspell> speller = spellers.computeIfAbsent(language, dictionaries::speller);
                if (speller.isEmpty()) continue;
                String value = values.getOrDefault(field.key(), "");
                String text = field.kind() == Field.Kind.SPOKEN ? WebVtt.words(value) : value;
                for (String word : Words.of(text)) {
                    if (!isKnown(word, speller.get())) {
                        found.add(new Unknown(field.key(), word, meant(word, speller.get())));
                    }
                }
            }
            return found;
        }

        /** None once they have taken too long. */
        private List<String> meant(String word, Hunspell speller) {
            if (spent > NANOS) return List.of();
            long began = System.nanoTime();
            List<String> meant = suggested(word, speller);
            spent += System.nanoTime() - began;
            return meant;
        }

        private boolean isKnown(String word, Hunspell speller) {
            if (!isLatin(word) || known.contains(word) || known.contains(word.toLowerCase(Locale.ROOT))) return true;
            return speller.spell(word) || speller.spell(word.toLowerCase(Locale.ROOT));
        }
    }

    public Look look() {
        return new Look();
    }

    private static boolean isLatin(String word) {
        return word.codePoints()
                .filter(Character::isLetter)
                .allMatch(letter -> Character.UnicodeScript.of(letter) == Character.UnicodeScript.LATIN);
    }

    private static List<String> suggested(String word, Hunspell speller) {
        if (word.length() > LONGEST) return List.of();
        return speller.suggest(word).stream().distinct().limit(SUGGESTED).toList();
    }
}
