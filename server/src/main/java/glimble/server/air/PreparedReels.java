package glimble.server.air;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import glimble.air.Filled;
import glimble.air.Play;
import glimble.air.Reels;
import glimble.budget.Budget;
import glimble.graphic.Condition;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.rest.Pictures;
import glimble.text.Typesetter;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reels that are worked out beforehand are there when they are asked for. Each has an id, by which screens fetch it before it begins; it never
 * changes.
 */
@Component
class PreparedReels extends Reels {
    private static final int KEPT = 64;

    private final JsonMapper json;
    private final Cache<Object, Play> plays =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    /** By identity, as long as anybody has the reel. */
    private final Cache<Reel, String> ids = Caffeine.newBuilder().weakKeys().build();

    private final Cache<String, Reel> reels = Caffeine.newBuilder().weakValues().build();
    private final Cache<String, byte[]> written =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private record TakeKey(
            String of, int house, Map<String, String> values, Map<String, String> dials, Condition.Standing onAir) {}

    private record ChangeKey(String from, Playback.Moment at, TakeKey to) {}

    PreparedReels(Typesetter typesetter, Pictures pictures, JsonMapper json) {
        super(typesetter, pictures);
        this.json = json;
    }

    private static TakeKey key(Filled filled, Condition.Standing onAir) {
        int house = ((Shows) filled.about()).house();
        return new TakeKey(filled.of(), house, filled.values(), filled.dials(), onAir);
    }

    @Override
    public Play take(Filled filled, Condition.Standing onAir, long from, Budget budget) {
        return plays.get(key(filled, onAir), key -> super.take(filled, onAir, 0, budget))
                .of(filled)
                .from(from);
    }

    @Override
    public Play change(Play stands, Filled filled, long frame, Budget budget) {
        Object key = new ChangeKey(id(stands.reel()), stands.at(frame), key(filled, Condition.Standing.SAME));
        return plays.get(key, none -> super.change(stands, filled, frame, budget))
                .of(filled)
                .from(frame);
    }

    /** By which a reel can be fetched as long as it is on air or prepared. */
    String id(Reel reel) {
        return ids.get(reel, none -> {
            String id = UUID.randomUUID().toString();
            reels.put(id, reel);
            return id;
        });
    }

    /** A reel as JSON; empty if it is neither on air nor prepared any more. */
    Optional<byte[]> written(String id) {
        byte[] known = written.getIfPresent(id);
        if (known != null) return Optional.of(known);
        Reel reel = reels.getIfPresent(id);
        if (reel == null) return Optional.empty();
        byte[] bytes = json.writeValueAsBytes(reel);
        written.put(id, bytes);
        return Optional.of(bytes);
    }
}
