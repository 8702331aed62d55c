package glimble.handover;

import glimble.cue.GivenData;
import glimble.graphic.Field;
import glimble.graphic.Graphic;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The samples of a graphic as what it is filled with. */
final class GivenSamples {
    private GivenSamples() {}

    static GivenData of(Graphic graphic) {
        Map<String, String> values = new LinkedHashMap<>();
        for (Field field : graphic.fields()) values.put(field.key(), field.sample());
        return new GivenData(values, Map.of(), List.of());
    }
}
