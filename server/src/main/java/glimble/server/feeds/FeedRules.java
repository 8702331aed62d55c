package glimble.server.feeds;

import glimble.graphic.Limits;
import glimble.server.problems.Refused;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** What a feed may be. It is asked by the server, so only where whoever started it allows. */
@Component
class FeedRules {
    private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]");
    private static final int LONGEST = 1_000;
    private static final int MOST_SECONDS = 3_600;

    /** Where MariaDB is in the address of a database: behind its host. */
    private static final Pattern DATABASE_PORT = Pattern.compile("^jdbc:[a-z]+://[^/:]*(?::([0-9]+))?/");

    private static final int MARIADB = 3306;

    private final List<String> allowed;
    private final Environment environment;

    /** @param hosts besides this machine, with commas between */
    FeedRules(@Value("${glimble.feeds:}") String hosts, Environment environment) {
        this.environment = environment;
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

    /** @throws Refused if the application would ask itself, or its database */
    void refuseOwn(URI address) {
        if (!LOOPBACK.contains(String.valueOf(address.getHost()).toLowerCase(Locale.ROOT))) return;
        int port = address.getPort();
        if (port < 0) port = "https".equalsIgnoreCase(address.getScheme()) ? 443 : 80;
        boolean own = port == number("local.server.port") || port == number("server.port");
        if (own || port == databasePort()) {
            throw new Refused(
                    "$.url",
                    "is the port of " + (own ? "this application itself" : "its database")
                            + "; name the one of a feed");
        }
    }

    private int number(String property) {
        return environment.getProperty(property, Integer.class, -1);
    }

    private int databasePort() {
        Matcher database = DATABASE_PORT.matcher(environment.getProperty("spring.datasource.url", ""));
        if (!database.find()) return -1;
        return database.group(1) == null ? MARIADB : Integer.parseInt(database.group(1));
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
            refuseOwn(address);
            return address.toString();
        } catch (URISyntaxException e) {
            throw new Refused("$.url", "is no address; give one like http://localhost:8090/heat.json");
        }
    }
}
