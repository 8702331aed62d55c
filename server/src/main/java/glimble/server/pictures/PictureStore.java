package glimble.server.pictures;

import glimble.formats.pictures.PictureFile;
import glimble.rest.Pictures;
import glimble.server.problems.NotThere;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;

/**
 * Keeps the pictures of the house. The content of a picture never changes, so its proportions are read once, and graphics are
 * worked out also while the database is away.
 */
@Service
public class PictureStore implements Pictures {
    private static final int LONGEST_KEY = 40;

    private final PictureMapper mapper;
    private final Clock clock;
    private final Map<String, Extent> known = new ConcurrentHashMap<>();

    PictureStore(PictureMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    public List<PictureNote> all() {
        return mapper.all();
    }

    /** Whether there has never been one. */
    public boolean isEmpty() {
        return mapper.count() == 0;
    }

    @Override
    public Optional<Extent> extent(String key) {
        if (key.isEmpty()) return Optional.empty();
        Extent extent = known.get(key);
        if (extent != null) return Optional.of(extent);
        Optional<Extent> found = mapper.find(key).map(note -> new Extent(note.width(), note.height()));
        found.ifPresent(read -> known.put(key, read));
        return found;
    }

    /** @throws NotThere if there has never been such a picture */
    public PictureContent content(String key) {
        return mapper.content(key).orElseThrow(() -> new NotThere("There is no picture '" + key + "'."));
    }

    /**
     * Adds a picture under a key made of a name, such as that of its file.
     *
     * @return with the key, which is the name if that is free
     */
    public PictureNote add(String name, PictureFile file) {
        String word = word(name);
        for (int i = 1; ; i++) {
            PictureNote note =
                    new PictureNote(i == 1 ? word : word + " " + i, file.type(), file.width(), file.height());
            if (mapper.find(note.key()).isPresent()) continue;
            try {
                mapper.add(note, file.bytes(), clock.instant());
                return note;
            } catch (DuplicateKeyException e) {
                // Somebody else has just taken that key; the next one is tried.
            }
        }
    }

    /** Letters, digits, spaces and dashes, without the ending of a file. */
    private static String word(String name) {
        String plain = name.replaceAll("\\.[A-Za-z]{2,4}$", "")
                .replaceAll("[^\\p{L}\\p{Nd} -]+", " ")
                .replaceAll("\\s+", " ")
                .strip();
        String cut = plain.substring(0, Math.min(LONGEST_KEY, plain.length())).strip();
        return cut.isEmpty() ? "picture" : cut;
    }

    /** @throws NotThere if there has never been such a picture */
    public void setRemoved(String key, boolean removed) {
        if (mapper.setRemoved(key, removed) == 0) throw new NotThere("There is no picture '" + key + "'.");
    }
}
