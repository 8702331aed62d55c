package glimble.server.problems;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

class LargestAnswerTest {
    private static final LargestAnswer FILTER = new LargestAnswer(1_000);

    /** What comes of an answer in pieces of a hundred bytes. */
    private static MockHttpServletResponse answered(String path, int pieces) throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        FILTER.doFilter(new MockHttpServletRequest("POST", path), response, (request, wrapped) -> {
            for (int i = 0; i < pieces; i++) wrapped.getOutputStream().write(new byte[100]);
        });
        return response;
    }

    @Test
    void an_answer_is_sent_whole() throws Exception {
        assertThat(answered("/api/reels", 10).getContentAsByteArray()).hasSize(1_000);
    }

    @Test
    void one_that_is_too_large_ends_and_nothing_of_it_is_sent() {
        MockHttpServletResponse response = new MockHttpServletResponse();
        assertThatThrownBy(() -> FILTER.doFilter(
                        new MockHttpServletRequest("POST", "/api/cases"),
                        response,
                        (request, wrapped) -> wrapped.getOutputStream().write(new byte[1_001])))
                .isInstanceOf(LargestAnswer.TooLarge.class)
                .hasMessageContaining("send fewer values");
        assertThat(response.isCommitted()).isFalse();
        assertThatThrownBy(() -> answered("/api/edits", 11)).isInstanceOf(LargestAnswer.TooLarge.class);
    }

    @Test
    void what_is_only_read_may_be_larger() throws Exception {
        assertThat(answered("/api/graphics", 30).getContentAsByteArray()).hasSize(3_000);
    }
}
