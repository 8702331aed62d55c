package glimble.server.handovers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.when;

import glimble.cue.GivenData;
import glimble.formats.DemoGraphics;
import glimble.formats.GraphicJson;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.SafeAreas;
import glimble.handover.Asked;
import glimble.handover.Form;
import glimble.handover.Handed;
import glimble.server.problems.Refused;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.concurrent.locks.LockSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;
import tools.jackson.databind.json.JsonMapper;

/** Files on a disk that is all but full. */
@ExtendWith(MockitoExtension.class)
class HandoversTest {
    private static final JdkTypesetter TYPESETTER = new JdkTypesetter();

    @Mock
    private Disk disk;

    @TempDir
    private Path folder;

    private Handovers handovers() throws IOException {
        return new Handovers(
                TYPESETTER, Clock.systemUTC(), disk, JsonMapper.builder().build(), folder.toString());
    }

    private static Handed strap() {
        Graphic strap = GraphicJson.read(DemoGraphics.named("wind-strap"), TYPESETTER.fonts())
                .graphic()
                .orElseThrow();
        return new Handed(strap, new Palette(Map.of()), SafeAreas.USUAL, true, Map.of());
    }

    private static Asked stills(int count) {
        Asked.Filling filling = new Asked.Filling("hold", new GivenData(Map.of("tag", "HOLD"), Map.of(), List.of()));
        return new Asked(Form.PNG, Collections.nCopies(count, filling), -1, "", false);
    }

    private static HandoverState ended(Handovers handovers, long id) {
        Instant until = Instant.now().plus(Duration.ofMinutes(2));
        while (true) {
            HandoverState state = handovers.find(id);
            boolean ended =
                    state.stage() != HandoverState.Stage.WAITING && state.stage() != HandoverState.Stage.RUNNING;
            if (ended || Instant.now().isAfter(until)) return state;
            LockSupport.parkNanos(10_000_000);
        }
    }

    @Test
    void nothing_is_begun_on_it() throws IOException {
        when(disk.isAllButFull(any())).thenReturn(true);
        Handovers handovers = handovers();
        assertThatThrownBy(() -> handovers.ask(1, 1, strap(), stills(1)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("Let go of files that were handed over");
        assertThat(handovers.all()).isEmpty();
    }

    @Test
    void what_fills_it_is_stopped_told_and_taken_away() throws IOException {
        // There is room when it is asked for, and while the first picture is made.
        when(disk.isAllButFull(any())).thenReturn(false, false, true);
        Handovers handovers = handovers();
        HandoverState asked = handovers.ask(1, 1, strap(), stills(4));
        HandoverState ended = ended(handovers, asked.id());
        assertThat(ended.stage()).isEqualTo(HandoverState.Stage.FAILED);
        assertThat(ended.why()).contains("all but full", "Let go of files that were handed over");
        assertThat(ended.done()).isLessThan(ended.all());
        try (var left = Files.list(folder)) {
            assertThat(left).isEmpty();
        }
    }
}
