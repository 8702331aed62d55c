package glimble.server.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

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
            if (changed.compareAndSet(false, true)) screens.tell(OUTPUT);
            return before;
        });
        screens.open(OUTPUT, emitter);
        Object last = null;
        for (Object one = told.poll(5, TimeUnit.SECONDS); one != null; one = told.poll(200, TimeUnit.MILLISECONDS)) {
            last = one;
        }
        assertThat(last).isEqualTo(state(2));
    }
}
