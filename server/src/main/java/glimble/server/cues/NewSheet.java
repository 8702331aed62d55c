package glimble.server.cues;

import java.time.Instant;

/** A cue sheet about to be stored; the database gives it its id. */
public final class NewSheet {
    private long id;
    private final String name;
    private final int cues;
    private final Instant savedAt;

    NewSheet(String name, int cues, Instant savedAt) {
        this.name = name;
        this.cues = cues;
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

    public int getCues() {
        return cues;
    }

    public Instant getSavedAt() {
        return savedAt;
    }
}
