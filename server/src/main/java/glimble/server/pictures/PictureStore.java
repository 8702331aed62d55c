package glimble.server.pictures;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import glimble.formats.pictures.PictureFile;
import glimble.rest.Pictures;
import glimble.rest.Pictures.Extent;
import glimble.server.problems.NotThere;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;

/**
 * Keeps the pictures of the house. Their content never changes; which there are, and which there are not, is remembered, so that graphics
 * are worked out without asking the database, and also while it is away.
 */
@Service
public class PictureStore implements Pictures {
    private static final int LONGEST_KEY = 40;
    private static final Duration HOLDS = Duration.ofSeconds(5);
    private static final long KEPT_BYTES = 48_000_000;

    private final PictureMapper mapper;
    private final Clock clock;
    private volatile Known known;
    /** How many have been taken in here. */
    private final AtomicInteger taken = new AtomicInteger();

    private volatile List<PictureNote> lately;
    /** Those that were asked for lately, which are those of what is open. */
    private final Cache<String, PictureContent> contents = Caffeine.newBuilder()
            .maximumWeight(KEPT_BYTES)
            .weigher((String key, PictureContent of) -> of.content().length)
            .build();

    /** @param until when they are to be read again */
    private record Known(Map<String, Extent> extents, Instant until) {}

    PictureStore(PictureMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** As they are, or as they were when last read while the database is away. */
    public List<PictureNote> all() {
        try {
            lately = mapper.all();
        } catch (DataAccessException e) {
            if (lately == null) throw e;
        }
        return lately;
    }

    /** Whether there has never been one. */
    public boolean isEmpty() {
        return mapper.count() == 0;
    }

    @Override
    public Optional<Extent> extent(String key) {
        return Optional.ofNullable(extents().get(key));
    }

    /** Of all pictures there are; read again after a while, since another server may have taken one in. */
    private Map<String, Extent> extents() {
        Known now = known;
        if (now != null && clock.instant().isBefore(now.until())) return now.extents();
        int before = taken.get();
        Map<String, Extent> extents = new HashMap<>();
        try {
            for (PictureNote note : mapper.everKnown()) {
                extents.put(note.key(), new Extent(note.width(), note.height()));
            }
        } catch (DataAccessException e) {
            if (now == null) throw e;
            extents.putAll(now.extents());
        }
        known = new Known(extents, clock.instant().plus(HOLDS));
        // What was read while one was taken in may be without it.
        if (taken.get() != before) known = null;
        return extents;
    }

    /** @throws NotThere if there has never been such a picture */
    public PictureContent content(String key) {
        return found(key).orElseThrow(() -> new NotThere("There is no picture '" + key + "'."));
    }

    /** A picture that may be removed; empty if there has never been such a one. */
    public Optional<PictureContent> found(String key) {
        return Optional.ofNullable(contents.get(key, of -> mapper.content(of).orElse(null)));
    }

    /** @throws NotThere if there has never been such a picture */
    public PictureNote note(String key) {
        return mapper.find(key).orElseThrow(() -> new NotThere("There is no picture '" + key + "'."));
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
                taken.incrementAndGet();
                known = null;
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
