package glimble.server.access;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * How long whoever typed wrong passwords waits for the next one to be judged: a wait that doubles. Each try is counted before it is judged, so
 * that many at once are no more than one after the other. What counts is an account together with an address, so that nobody is locked out
 * by somebody elsewhere; an address for all accounts, so that none tries them all; and an account for all addresses, but for those from which
 * somebody has signed in to it, so that many that work together gain little. Whether there is such an account is of no account.
 */
@Component
class SignInWaits {
    private static final int ENTRIES = 100_000;
    private static final Duration FORGOTTEN = Duration.ofHours(1);
    private static final Duration KNOWN = Duration.ofDays(30);

    private enum Kind {
        PAIR(5, 60),
        ADDRESS(20, 10),
        ACCOUNT(20, 10);

        final int free;
        final long longest;

        /**
         * @param free wrong ones before there is a wait
         * @param longest of a wait, seconds
         */
        Kind(int free, long longest) {
            this.free = free;
            this.longest = longest;
        }

        Duration wait(int tries) {
            if (tries < free) return Duration.ZERO;
            return Duration.ofSeconds(Math.min(longest, 1L << Math.min(30, tries - free)));
        }
    }

    private record Of(Kind kind, String account, String address) {}

    private static final class Tries {
        int wrong;
        Instant until = Instant.MIN;
    }

    private final Clock clock;
    private final Cache<Of, Tries> tries = Caffeine.newBuilder()
            .maximumSize(ENTRIES)
            .expireAfterWrite(FORGOTTEN)
            .build();
    private final Cache<Of, Boolean> known =
            Caffeine.newBuilder().maximumSize(ENTRIES).expireAfterWrite(KNOWN).build();

    SignInWaits(Clock clock) {
        this.clock = clock;
    }

    private List<Of> counted(String account, String address) {
        Of pair = new Of(Kind.PAIR, account, address);
        List<Of> counted = new ArrayList<>(List.of(pair, new Of(Kind.ADDRESS, "", address)));
        if (known.getIfPresent(pair) == null) counted.add(new Of(Kind.ACCOUNT, account, ""));
        return counted;
    }

    /**
     * A password is about to be judged.
     *
     * @param account folded name, of an account that need not be
     * @throws MustWait if it is not; then it does not count either
     */
    synchronized void begin(String account, String address) {
        Instant now = clock.instant();
        Duration wait = Duration.ZERO;
        List<Of> counted = counted(account, address);
        for (Of of : counted) {
            Tries before = tries.getIfPresent(of);
            if (before == null || !before.until.isAfter(now)) continue;
            Duration left = Duration.between(now, before.until);
            if (left.compareTo(wait) > 0) wait = left;
        }
        if (!wait.isZero()) throw new MustWait(wait);
        for (Of of : counted) {
            Tries one = tries.get(of, none -> new Tries());
            one.wrong++;
            Duration next = of.kind().wait(one.wrong);
            if (!next.isZero()) one.until = now.plus(next);
            // Written again, it is kept for as long again.
            tries.put(of, one);
        }
    }

    /** The password was right: that try was none. */
    synchronized void right(String account, String address) {
        for (Of of : counted(account, address)) {
            if (of.kind() == Kind.PAIR) tries.invalidate(of);
            Tries one = tries.getIfPresent(of);
            if (one == null) continue;
            one.wrong--;
            if (one.wrong < of.kind().free) one.until = Instant.MIN;
        }
        known.put(new Of(Kind.PAIR, account, address), true);
    }

    /** Another password was given to an account: whoever has it does not wait for what was tried before. */
    synchronized void forget(String account) {
        tries.asMap().keySet().removeIf(of -> of.account().equals(account));
    }
}
