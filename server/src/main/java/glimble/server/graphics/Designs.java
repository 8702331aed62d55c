package glimble.server.graphics;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import glimble.graphic.Graphic;
import glimble.server.problems.NotThere;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Saved graphics, read. A revision never changes, so the last ones that were asked for are kept, also while the database is away. */
@Service
public class Designs {
    private static final int KEPT = 200;

    private final GraphicStore store;
    private final DocumentReader documents;
    private final JsonMapper json;
    private final Cache<Key, Graphic> known =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private record Key(long id, int revision) {}

    Designs(GraphicStore store, DocumentReader documents, JsonMapper json) {
        this.store = store;
        this.documents = documents;
        this.json = json;
    }

    /** @throws NotThere if there is no such graphic or revision; one that was put aside since is there */
    public Graphic of(long id, int revision) {
        return known.get(
                new Key(id, revision),
                key -> documents.read(json.readTree(store.find(id, revision).document())));
    }

    /** @throws NotThere if there is no such graphic on the shelf */
    public int currentRevision(long id) {
        return store.find(id).revision();
    }
}
