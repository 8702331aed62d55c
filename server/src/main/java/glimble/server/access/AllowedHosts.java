package glimble.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * The names under which this server may be asked, and pages that may ask it: those that it served itself. A page from elsewhere that a
 * visitor's browser has open may point its own name at this machine, or send what needs no leave; both are told by their names.
 */
@Component
class AllowedHosts {
    private final Set<String> hosts;

    /** @param hosts names or addresses, without ports */
    AllowedHosts(@Value("${glimble.hosts}") List<String> hosts) {
        this.hosts = hosts.stream()
                .map(host -> host.strip().toLowerCase(Locale.ROOT))
                .collect(Collectors.toSet());
    }

    boolean isAllowed(String host) {
        if (host == null) return false;
        String plain = host.toLowerCase(Locale.ROOT).replaceAll("^\\[(.*)]$", "$1");
        return hosts.contains(plain);
    }

    /** Whether a request says that it comes from a page of another origin. */
    boolean isForeign(HttpServletRequest request) {
        if ("cross-site".equals(request.getHeader("Sec-Fetch-Site")) && !isVisit(request)) return true;
        String origin = request.getHeader("Origin");
        return origin != null && !isOwn(origin, request);
    }

    /** A link that somebody follows from elsewhere shows a page and changes nothing. */
    private static boolean isVisit(HttpServletRequest request) {
        return "navigate".equals(request.getHeader("Sec-Fetch-Mode"))
                && "document".equals(request.getHeader("Sec-Fetch-Dest"))
                && request.getMethod().equals("GET");
    }

    private boolean isOwn(String origin, HttpServletRequest request) {
        try {
            URI from = URI.create(origin);
            return isAllowed(from.getHost()) && port(from) == request.getServerPort();
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    private static int port(URI from) {
        if (from.getPort() >= 0) return from.getPort();
        return "https".equals(from.getScheme()) ? 443 : 80;
    }
}
