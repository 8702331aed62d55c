package glimble.server.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import glimble.server.cues.SheetChanged;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyEmitter.DataWithMediaType;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

class ScreensTest {
    private static final long OUTPUT = 1;

    private final OnAir air = mock(OnAir.class);
    private final Screens screens = new Screens(air, mock(AirClock.class));
    private final BlockingQueue<Object> told = new LinkedBlockingQueue<>();

    /** Keeps what is sent. */
    private final SseEmitter emitter = new SseEmitter(0L) {
        @Override
        public void send(SseEventBuilder event) {
            for (DataWithMediaType data : event.build()) {
                if (MediaType.APPLICATION_JSON.equals(data.getMediaType())) told.add(data.getData());
            }
        }
    };

    private static AirState state(long event) {
        return new AirState(OUTPUT, "", event, 0, 0, 50, 1, 16, 16, 2_000, List.of(), List.of());
    }

    @Test
    void what_changes_while_a_screen_opens_it_is_told() throws Exception {
        AtomicBoolean changed = new AtomicBoolean();
        when(air.state(OUTPUT)).thenAnswer(asked -> {
            AirState before = state(changed.get() ? 2 : 1);
            if (changed.compareAndSet(false, true)) new Thread(() -> screens.tell(OUTPUT)).start();
            return before;
        });
        screens.open(OUTPUT, emitter, false);
        Object last = null;
        for (Object one = told.poll(5, TimeUnit.SECONDS); one != null; one = told.poll(200, TimeUnit.MILLISECONDS)) {
            last = one;
        }
        assertThat(last).isEqualTo(state(2));
    }

    /** The container's buffers are gone with the client, and say so in ways of their own. */
    @Test
    void a_screen_that_goes_while_it_opens_is_not_told_again() throws Exception {
        when(air.state(OUTPUT)).thenReturn(state(1));
        BlockingQueue<Integer> tried = new LinkedBlockingQueue<>();
        SseEmitter gone = new SseEmitter() {
            @Override
            public void send(SseEventBuilder event) {
                tried.add(1);
                throw new NullPointerException("no buffer any more");
            }
        };
        screens.open(OUTPUT, gone, false);
        assertThat(tried.poll(5, TimeUnit.SECONDS)).isNotNull();
        screens.open(OUTPUT, emitter, false);
        while (told.poll(200, TimeUnit.MILLISECONDS) == null) continue;
        screens.tell(OUTPUT);
        assertThat(told.poll(5, TimeUnit.SECONDS)).isEqualTo(state(1));
        assertThat(tried).isEmpty();
    }

    @Test
    void a_page_with_a_key_is_told_what_is_on_air_alone() throws Exception {
        AirState ahead = new AirState(OUTPUT, "", 1, 0, 0, 50, 1, 16, 16, 2_000, List.of(), List.of("to come"));
        when(air.state(OUTPUT)).thenReturn(ahead);
        screens.open(OUTPUT, emitter, true);
        assertThat(told.poll(5, TimeUnit.SECONDS)).isEqualTo(ahead.onAirAlone());
        screens.changed(new SheetChanged(1, 2));
        screens.tell(OUTPUT);
        assertThat(told.poll(5, TimeUnit.SECONDS)).isEqualTo(ahead.onAirAlone());
        assertThat(ahead.onAirAlone().ahead()).isEmpty();
    }
}
