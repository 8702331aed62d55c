package glimble.server.graphics;

import java.time.Instant;

/** A graphic about to be stored; the database gives it its id. */
public final class NewGraphic {
    private long id;
    private final String name;
    private final Instant savedAt;

    NewGraphic(String name, Instant savedAt) {
        this.name = name;
        this.savedAt = savedAt;
    }

    public long getId() {
        return id;
    }

    public void setId(long id) {
        this.id = id;
    }

    public String getName() {
        return name;
    }

    public Instant getSavedAt() {
        return savedAt;
    }
}
