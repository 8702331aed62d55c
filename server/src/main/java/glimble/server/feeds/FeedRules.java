package glimble.server.feeds;

import glimble.graphic.Limits;
import glimble.server.problems.Refused;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** What a feed may be. It is asked by the server, so only where whoever started it allows. */
@Component
class FeedRules {
    private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]");
    private static final int LONGEST = 1_000;
    private static final int MOST_SECONDS = 3_600;

    private final List<String> allowed;

    /** @param hosts besides this machine, with commas between */
    FeedRules(@Value("${glimble.feeds:}") String hosts) {
        allowed = Arrays.stream(hosts.split(","))
                .map(host -> host.strip().toLowerCase(Locale.ROOT))
                .filter(host -> !host.isEmpty())
                .toList();
    }

    /** @throws Refused if it may not be */
    Feed checked(Long id, String name, String url, Integer seconds) {
        if (name == null || name.isBlank()) throw new Refused("$.name", "must not be blank; say what it brings");
        if (name.strip().length() > Limits.KEY) {
            throw new Refused("$.name", "has more than " + Limits.KEY + " characters; give a shorter one");
        }
        if (seconds == null || seconds < 1 || seconds > MOST_SECONDS) {
            throw new Refused("$.seconds", "must be from 1 to " + MOST_SECONDS);
        }
        return new Feed(id, name.strip(), address(url), seconds);
    }

    private String address(String url) {
        if (url == null || url.isBlank()) throw new Refused("$.url", "is missing; say where it is asked for");
        if (url.length() > LONGEST) throw new Refused("$.url", "has more than " + LONGEST + " characters");
        try {
            URI address = new URI(url.strip());
            String scheme = String.valueOf(address.getScheme()).toLowerCase(Locale.ROOT);
            String host = String.valueOf(address.getHost()).toLowerCase(Locale.ROOT);
            if (!scheme.equals("http") && !scheme.equals("https")) {
                throw new Refused("$.url", "must begin with http:// or https://");
            }
            if (address.getUserInfo() != null) throw new Refused("$.url", "must not hold a name and password");
            if (!LOOPBACK.contains(host) && !allowed.contains(host)) {
                throw new Refused(
                        "$.url",
                        "is not on this machine; whoever starts the server allows other hosts by GLIMBLE_FEEDS");
            }
            return address.toString();
        } catch (URISyntaxException e) {
            throw new Refused("$.url", "is no address; give one like http://localhost:8090/heat.json");
        }
    }
}
