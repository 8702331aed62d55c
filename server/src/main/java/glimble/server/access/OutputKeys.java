package glimble.server.access;

import glimble.server.problems.NotThere;
import glimble.server.work.InOneTransaction;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;

/**
 * A renderer cannot sign in: the page of an output has a key in its address, for what is on air there and nothing else. Those that were read last
 * hold while the database is away.
 */
@Service
public class OutputKeys {
    static final String PARAMETER = "key";

    private static final int BYTES = 24;
    private static final long FRESH = 1_000_000_000L;
    private static final Pattern OUTPUT = Pattern.compile("/api/outputs/([0-9]{1,18})(/events)?");
    private static final Pattern PICTURE = Pattern.compile("/api/pictures/([^/]+)/content");

    private final OutputKeyMapper mapper;
    private final ShownPictures shown;
    private final ApplicationEventPublisher events;
    private final SecureRandom random = new SecureRandom();
    private volatile List<OutputKeyMapper.Kept> known = List.of();
    private volatile long readAt;

    OutputKeys(OutputKeyMapper mapper, ShownPictures shown, ApplicationEventPublisher events) {
        this.mapper = mapper;
        this.shown = shown;
        this.events = events;
    }

    /** Whether nobody asks but a page that has a key. */
    public static boolean isByKey(HttpServletRequest request) {
        return request.getUserPrincipal() == null && request.getParameter(PARAMETER) != null;
    }

    /** Whether a key opens what is asked for. */
    boolean opens(HttpServletRequest request) {
        String key = request.getParameter(PARAMETER);
        Optional<Long> output = key == null ? Optional.empty() : output(key);
        if (output.isEmpty()) return false;
        String path = request.getServletPath();
        Matcher state = OUTPUT.matcher(path);
        if (state.matches()) return Long.parseLong(state.group(1)) == output.get();
        Matcher picture = PICTURE.matcher(path);
        return !picture.matches() || shown.isShown(output.get(), picture.group(1));
    }

    boolean isOne(String key) {
        return output(key).isPresent();
    }

    private Optional<Long> output(String key) {
        byte[] asked = key.getBytes(StandardCharsets.UTF_8);
        return all().stream()
                .filter(kept -> MessageDigest.isEqual(asked, kept.pageKey().getBytes(StandardCharsets.UTF_8)))
                .map(OutputKeyMapper.Kept::output)
                .findFirst();
    }

    private List<OutputKeyMapper.Kept> all() {
        if (readAt != 0 && System.nanoTime() - readAt < FRESH) return known;
        try {
            known = mapper.all();
        } catch (DataAccessException | TransactionException e) {
            // Those that are known hold.
        }
        readAt = System.nanoTime();
        return known;
    }

    /** Empty if nobody may see it without an account. */
    Optional<String> of(long output) {
        return mapper.of(output);
    }

    /** Makes another one; the one before opens nothing any more. */
    @InOneTransaction
    String make(long output) {
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        String key = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        set(output, key);
        return key;
    }

    @InOneTransaction
    void takeBack(long output) {
        set(output, null);
    }

    private void set(long output, String key) {
        if (mapper.set(output, key) == 0) throw new NotThere("There is no output " + output + ".");
        events.publishEvent(new KeyChanged());
    }

    /** What is known is read anew. */
    void forget() {
        readAt = 0;
    }
}
