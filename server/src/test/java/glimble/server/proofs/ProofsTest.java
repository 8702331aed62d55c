package glimble.server.proofs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import glimble.formats.DemoGraphics;
import glimble.graphic.Palette;
import glimble.server.graphics.GraphicStore;
import glimble.server.graphics.StoredGraphic;
import glimble.server.house.HouseStore;
import glimble.server.pictures.PictureStore;
import glimble.server.work.Quiet;
import glimble.typeset.JdkTypesetter;
import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.ArgumentCaptor;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.springframework.dao.DataAccessResourceFailureException;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(MockitoExtension.class)
class ProofsTest {
    @Mock
    private ProofMapper mapper;

    @Mock
    private GraphicStore store;

    @Mock
    private HouseStore house;

    @Mock
    private PictureStore pictures;

    private Proofs proofs;

    @BeforeEach
    void setUp() {
        proofs = new Proofs(
                mapper,
                store,
                house,
                pictures,
                new JdkTypesetter(),
                JsonMapper.builder().build(),
                Clock.systemUTC(),
                new Quiet());
    }

    private static StoredGraphic stored(String document) {
        return new StoredGraphic(7, 3, Instant.EPOCH, document);
    }

    @Test
    void a_proof_that_cannot_be_made_says_so() {
        when(store.find(7, 3)).thenReturn(stored("{\"name\":\"from a time that nobody knows\"}"));
        proofs.prove(7, 3);
        ArgumentCaptor<ProofNote> note = ArgumentCaptor.forClass(ProofNote.class);
        ArgumentCaptor<String> result = ArgumentCaptor.forClass(String.class);
        verify(mapper).keep(note.capture(), result.capture(), any());
        assertThat(note.getValue().failed()).isTrue();
        assertThat(note.getValue().finished()).isFalse();
        when(mapper.result(7, 3)).thenReturn(Optional.of(result.getValue()));
        ProofAnswer kept = proofs.kept(7, 3).orElseThrow();
        assertThat(kept.state()).isEqualTo(ProofAnswer.State.FAILED);
        assertThat(kept.why()).hasValueSatisfying(why -> assertThat(why).contains("went wrong"));
    }

    @Test
    void without_its_database_it_is_tried_again_instead_of_being_given_up() {
        when(store.find(7, 3)).thenThrow(new DataAccessResourceFailureException("away"));
        assertThatThrownBy(() -> proofs.prove(7, 3)).isInstanceOf(DataAccessResourceFailureException.class);
        verify(mapper, never()).keep(any(), any(), any());
    }

    @Test
    void what_was_begun_when_the_server_ends_is_not_kept() {
        when(store.find(7, 3)).thenReturn(stored(DemoGraphics.named("flyer-bar")));
        when(house.palette()).thenReturn(new Palette(Map.of()));
        when(house.framed(any())).thenAnswer(call -> call.getArgument(0));
        proofs.close();
        assertThatThrownBy(() -> proofs.prove(7, 3)).isInstanceOf(RuntimeException.class);
        verify(mapper, never()).keep(any(), any(), any());
    }
}
