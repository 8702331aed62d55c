package glimble.server.graphics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import glimble.formats.DemoGraphics;
import glimble.graphic.Graphic;
import glimble.typeset.JdkTypesetter;
import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.ArgumentCaptor;
import org.mockito.ArgumentMatchers;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import tools.jackson.databind.json.JsonMapper;

@ExtendWith(MockitoExtension.class)
class GraphicsControllerTest {
    private static final StoredGraphic STORED =
            new StoredGraphic(7, 3, Instant.parse("2026-11-24T10:00:00Z"), DemoGraphics.named("flyer-bar"));

    @Mock
    private GraphicStore store;

    private MockMvc mvc;

    @BeforeEach
    void setUp() {
        DocumentReader documents = new DocumentReader(new JdkTypesetter());
        mvc = MockMvcBuilders.standaloneSetup(new GraphicsController(
                        store, documents, JsonMapper.builder().build()))
                .build();
    }

    @Test
    void a_graphic_is_given_with_its_revision_and_its_document_as_json() throws Exception {
        when(store.find(7)).thenReturn(STORED);
        mvc.perform(get("/api/graphics/7"))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.revision").value(3))
                .andExpect(jsonPath("$.document.name").value("Flyer bar"));
    }

    @Test
    void a_save_is_handed_on_with_the_revision_it_is_based_on() throws Exception {
        ArgumentCaptor<Graphic> saved = ArgumentCaptor.forClass(Graphic.class);
        when(store.save(ArgumentMatchers.eq(7L), ArgumentMatchers.eq(2), any(), ArgumentMatchers.eq(SaveId.NONE)))
                .thenReturn(STORED);
        mvc.perform(put("/api/graphics/7")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"basedOn\":2,\"document\":" + DemoGraphics.named("twin-bar") + "}"))
                .andExpect(status().isOk());
        verify(store)
                .save(
                        ArgumentMatchers.eq(7L),
                        ArgumentMatchers.eq(2),
                        saved.capture(),
                        ArgumentMatchers.eq(SaveId.NONE));
        assertThat(saved.getValue().name()).isEqualTo("Twin bar");
    }

    @Test
    void nothing_reaches_the_store_unless_the_document_is_sound() {
        String body = "{\"basedOn\":2,\"document\":{\"name\":3}}";
        assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> mvc.perform(put("/api/graphics/7")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content(body))))
                .hasRootCauseInstanceOf(glimble.server.problems.Refused.class);
        verifyNoInteractions(store);
    }
}
