package glimble.server.air;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** How what stands and follows a feed gets on with it. */
@Component
class FollowNotes {
    private final Map<Place, FollowNote> notes = new ConcurrentHashMap<>();

    private record Place(long output, String berth) {}

    Optional<FollowNote> of(long output, String berth) {
        return Optional.ofNullable(notes.get(new Place(output, berth)));
    }

    /**
     * @param note empty if nothing follows there
     * @return whether that is news
     */
    boolean put(long output, String berth, Optional<FollowNote> note) {
        Place place = new Place(output, berth);
        FollowNote before = note.isPresent() ? notes.put(place, note.get()) : notes.remove(place);
        return !Optional.ofNullable(before).equals(note);
    }
}
