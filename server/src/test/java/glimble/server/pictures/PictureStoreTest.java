package glimble.server.pictures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import glimble.formats.pictures.PictureFile;
import glimble.rest.Pictures;
import glimble.server.problems.NotThere;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.springframework.dao.DataAccessResourceFailureException;

@ExtendWith(MockitoExtension.class)
class PictureStoreTest {
    private static final PictureNote MARK = new PictureNote("mark", "image/png", 30, 20);
    private static final PictureNote CREST = new PictureNote("crest", "image/png", 9, 9);

    @Mock
    private PictureMapper mapper;

    private Instant now = Instant.parse("2026-11-27T10:00:00Z");
    private PictureStore store;

    @BeforeEach
    void setUp() {
        Clock clock = new Clock() {
            @Override
            public ZoneOffset getZone() {
                return ZoneOffset.UTC;
            }

            @Override
            public Clock withZone(java.time.ZoneId zone) {
                return this;
            }

            @Override
            public Instant instant() {
                return now;
            }
        };
        store = new PictureStore(mapper, clock);
    }

    @Test
    void known_and_unknown_pictures_are_asked_for_once() {
        when(mapper.everKnown()).thenReturn(List.of(MARK));
        for (int i = 0; i < 1_000; i++) {
            assertThat(store.extent("mark")).contains(new Pictures.Extent(30, 20));
            assertThat(store.extent("unheard of " + i)).isEmpty();
        }
        verify(mapper, times(1)).everKnown();
    }

    @Test
    void one_that_is_added_here_is_known_at_once_and_one_from_elsewhere_after_a_while() {
        when(mapper.everKnown()).thenReturn(List.of(), List.of(MARK), List.of(MARK, CREST));
        assertThat(store.extent("mark")).isEmpty();
        store.add("mark.png", new PictureFile("image/png", 30, 20, new byte[] {1}, List.of()));
        assertThat(store.extent("mark")).isPresent();
        assertThat(store.extent("crest")).isEmpty();
        now = now.plus(Duration.ofSeconds(6));
        assertThat(store.extent("crest")).isPresent();
    }

    @Test
    void one_that_is_taken_in_while_they_are_read_is_known_at_once() {
        when(mapper.everKnown())
                .thenAnswer(reading -> {
                    store.add("mark.png", new PictureFile("image/png", 30, 20, new byte[] {1}, List.of()));
                    return List.of();
                })
                .thenReturn(List.of(MARK));
        assertThat(store.extent("mark")).isEmpty();
        assertThat(store.extent("mark")).isPresent();
    }

    @Test
    void what_was_seen_stays_while_the_database_is_away() {
        var away = new DataAccessResourceFailureException("away");
        PictureContent content = new PictureContent("image/png", new byte[] {1, 2});
        when(mapper.everKnown()).thenReturn(List.of(MARK)).thenThrow(away);
        when(mapper.all()).thenReturn(List.of(MARK)).thenThrow(away);
        when(mapper.content(any()))
                .thenReturn(Optional.of(content), Optional.empty())
                .thenThrow(away);
        for (int i = 0; i < 3; i++) {
            assertThat(store.extent("mark")).isPresent();
            assertThat(store.all()).containsExactly(MARK);
            assertThat(store.content("mark")).isSameAs(content);
            now = now.plus(Duration.ofMinutes(1));
        }
        assertThatThrownBy(() -> store.content("never seen")).isInstanceOf(NotThere.class);
        assertThatThrownBy(() -> store.content("nor this")).isSameAs(away);
    }
}
