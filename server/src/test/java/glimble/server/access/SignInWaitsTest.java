package glimble.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

class SignInWaitsTest {
    private Instant now = Instant.parse("2026-12-02T20:00:00Z");
    private final SignInWaits waits = new SignInWaits(new Clock() {
        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    });

    private void pass(long seconds) {
        now = now.plusSeconds(seconds);
    }

    /** Tries until there is a wait, and waits for as long as it says. */
    private long waitAfter(int wrong, String account, String address) {
        for (int i = 0; i < wrong; i++) {
            waits.begin(account, address);
        }
        try {
            waits.begin(account, address);
        } catch (MustWait e) {
            return e.seconds();
        }
        return 0;
    }

    @Test
    void waits_double_and_are_never_longer_than_a_minute() {
        assertThat(waitAfter(5, "wu", "a")).isEqualTo(2);
        long longest = 0;
        for (int i = 0; i < 12; i++) {
            pass(longest + 1);
            longest = waitAfter(1, "wu", "a");
        }
        assertThat(longest).isEqualTo(61);
    }

    @Test
    void what_is_refused_does_not_count() {
        assertThat(waitAfter(5, "wu", "a")).isEqualTo(2);
        for (int i = 0; i < 100; i++)
            assertThatThrownBy(() -> waits.begin("wu", "a")).isInstanceOf(MustWait.class);
        pass(2);
        assertThatCode(() -> waits.begin("wu", "a")).doesNotThrowAnyException();
    }

    @Test
    void somebody_elsewhere_locks_nobody_out() {
        waits.begin("wu", "desk");
        waits.right("wu", "desk");
        // As many addresses as there are, all at once.
        for (int address = 0; address < 200; address++) {
            try {
                waits.begin("wu", "elsewhere " + address);
            } catch (MustWait e) {
                assertThat(e.seconds()).isLessThanOrEqualTo(11);
            }
        }
        assertThatCode(() -> waits.begin("wu", "desk")).doesNotThrowAnyException();
        // Where nobody has signed in yet it is a matter of seconds.
        assertThatThrownBy(() -> waits.begin("wu", "at home")).isInstanceOf(MustWait.class);
        pass(11);
        assertThatCode(() -> waits.begin("wu", "at home")).doesNotThrowAnyException();
    }

    @Test
    void one_address_that_tries_all_accounts_waits_too() {
        int judged = 0;
        for (int i = 0; i < 100; i++) {
            try {
                waits.begin("account " + i, "a");
                judged++;
            } catch (MustWait e) {
                // As it should.
            }
        }
        assertThat(judged).isEqualTo(20);
    }

    @Test
    void a_right_password_begins_anew() {
        for (int i = 0; i < 40; i++) {
            waits.begin("wu", "a");
            waits.right("wu", "a");
        }
        for (int round = 0; round < 3; round++) {
            for (int i = 0; i < 4; i++) waits.begin("wu", "a");
            waits.begin("wu", "a");
            waits.right("wu", "a");
        }
        assertThat(waitAfter(4, "wu", "a")).isZero();
    }

    @Test
    void another_password_ends_the_wait_for_it() {
        assertThat(waitAfter(5, "wu", "a")).isPositive();
        waits.forget("wu");
        assertThat(waitAfter(4, "wu", "a")).isZero();
    }
}
