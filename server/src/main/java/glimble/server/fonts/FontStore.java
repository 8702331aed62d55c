package glimble.server.fonts;

import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;
import glimble.text.FreshName;
import glimble.typeset.BadFont;
import glimble.typeset.HouseFont;
import glimble.typeset.JdkTypesetter;
import glimble.typeset.TextFont;
import jakarta.annotation.PostConstruct;
import java.time.Clock;
import java.util.Set;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Keeps the fonts of the house, and lets texts be set in them from when the server starts. Their content never changes. One that is removed is
 * not offered any more; documents that name it keep it.
 */
@Service
public class FontStore {
    private static final Logger LOG = LoggerFactory.getLogger(FontStore.class);

    private final FontMapper mapper;
    private final JdkTypesetter typesetter;
    private final Clock clock;
    private final ApplicationEventPublisher events;
    /** Ids of those that were removed when that was last read. */
    private volatile Set<String> lately = Set.of();

    FontStore(FontMapper mapper, JdkTypesetter typesetter, Clock clock, ApplicationEventPublisher events) {
        this.events = events;
        this.mapper = mapper;
        this.typesetter = typesetter;
        this.clock = clock;
    }

    /** Also those that another server has taken in since. */
    @PostConstruct
    void takeAll() {
        for (KeptFont font : mapper.all()) {
            if (typesetter.ofHouse(font.key()).isPresent()) continue;
            try {
                HouseFont read = HouseFont.read(mapper.content(font.key()).orElseThrow());
                typesetter.take(read.called(font.name()));
            } catch (BadFont e) {
                // It was read when it was added.
                LOG.error("the font {} cannot be read any more", font.key(), e);
            }
        }
    }

    /** Ids of those that are removed, or were when last read while the database is away. */
    Set<String> removed() {
        try {
            lately = mapper.all().stream()
                    .filter(KeptFont::removed)
                    .map(KeptFont::key)
                    .collect(Collectors.toSet());
        } catch (DataAccessException e) {
            LOG.debug("which fonts are removed cannot be read", e);
        }
        return lately;
    }

    /**
     * Takes one in. One that is there already is there as before, no longer removed if it was.
     *
     * @throws Refused if another font has its name
     */
    public synchronized void add(HouseFont font) {
        if (isHere(font)) return;
        if (names().contains(font.name())) {
            throw new Refused(
                    "$",
                    "is another file of a font called " + font.name()
                            + ", which is here already; remove that one first, or give this one another name where it was made");
        }
        keep(font);
    }

    /** Likewise, under a name that no other font has. */
    public synchronized void addBeside(HouseFont font) {
        if (!isHere(font)) keep(font.called(FreshName.take(names(), font.name())));
    }

    private boolean isHere(HouseFont font) {
        return mapper.setRemoved(font.id(), false) > 0;
    }

    /** Of all fonts that are offered. */
    private Set<String> names() {
        Set<String> removed = removed();
        return typesetter.allFonts().stream()
                .filter(font -> !removed.contains(font.id()))
                .map(TextFont::name)
                .collect(Collectors.toSet());
    }

    private void keep(HouseFont font) {
        mapper.add(font.id(), font.name(), font.bytes(), clock.instant());
        events.publishEvent(new FontKept(font));
    }

    /** Only what was really kept is set. */
    @TransactionalEventListener(fallbackExecution = true)
    void kept(FontKept kept) {
        typesetter.take(kept.font());
    }

    /** A font has been taken in. */
    record FontKept(HouseFont font) {}

    /** @throws NotThere if there has never been such a font of the house */
    void setRemoved(String key, boolean removed) {
        if (mapper.setRemoved(key, removed) == 0) throw new NotThere("There is no font '" + key + "' of the house.");
    }
}
