package glimble.server.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import glimble.graphic.SafeAreas;
import glimble.server.graphics.SaveId;
import glimble.server.house.House.PaletteEntry;
import glimble.text.Typesetter;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;
import org.mockito.Mockito;
import org.springframework.context.ApplicationEventPublisher;
import tools.jackson.databind.json.JsonMapper;

class HouseStoreTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HouseMapper mapper = mock(HouseMapper.class);
    private final ApplicationEventPublisher events = mock(ApplicationEventPublisher.class);
    private final HouseStore store = new HouseStore(mapper, JSON, mock(Typesetter.class), Clock.systemUTC(), events);

    private static House house(int revision, String ink) {
        return new House(
                revision,
                List.of(new PaletteEntry("ink", ink)),
                List.of(),
                SafeAreas.USUAL,
                true,
                List.of(),
                House.AirRules.USUAL);
    }

    private static Optional<StoredHouse> stored(House house) {
        return Optional.of(new StoredHouse(house.revision(), JSON.writeValueAsString(house)));
    }

    private HouseChanged told() {
        ArgumentCaptor<Object> told = ArgumentCaptor.forClass(Object.class);
        Mockito.verify(events).publishEvent(told.capture());
        return (HouseChanged) told.getValue();
    }

    @Test
    void what_is_read_while_a_newer_one_is_saved_is_not_the_last_one() {
        House first = house(1, "#111111");
        when(mapper.current())
                // Somebody saves between the reading of another and its end.
                .thenAnswer(reading -> {
                    store.save(house(1, "#222222"), SaveId.NONE);
                    store.saved(told());
                    return stored(first);
                })
                .thenReturn(stored(first));
        assertThat(store.current().palette()).isEqualTo(first.palette());
        assertThat(store.known().revision()).isEqualTo(2);
        assertThat(store.palette().colours()).isEqualTo(Map.of("ink", "#222222"));
    }

    @Test
    void what_was_not_kept_in_the_end_is_not_known() {
        when(mapper.current()).thenReturn(stored(house(1, "#111111")));
        assertThat(store.save(house(1, "#222222"), SaveId.NONE).revision()).isEqualTo(2);
        assertThat(store.palette().colours()).isEqualTo(Map.of("ink", "#111111"));
        Mockito.verify(mapper).add(Mockito.eq(2), any(), any(), any());
    }
}
