package glimble.server.access;

import glimble.server.problems.ProblemAnswer;
import glimble.server.problems.SentFiles;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses what pages from elsewhere ask for, and bodies whose type any page may send without asking for leave. */
class OnlyOwnPages extends OncePerRequestFilter {
    private static final Set<String> WITH_BODY = Set.of("POST", "PUT", "PATCH");

    private final AllowedHosts hosts;

    OnlyOwnPages(AllowedHosts hosts) {
        this.hosts = hosts;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (hosts.isForeign(request)) {
            ProblemAnswer.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "From elsewhere",
                    "The request comes from a page that this server did not serve. Open the page at its own address.");
            return;
        }
        if (WITH_BODY.contains(request.getMethod()) && hasBody(request) && !isTyped(request)) {
            ProblemAnswer.write(
                    response,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "Cannot be read",
                    "The Content-Type must be application/json, or application/octet-stream for a file.");
            return;
        }
        chain.doFilter(request, response);
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader("Transfer-Encoding") != null;
    }

    private static boolean isTyped(HttpServletRequest request) {
        try {
            String type = request.getContentType();
            if (type == null) return false;
            MediaType given = MediaType.parseMediaType(type);
            MediaType needed = SentFiles.areTakenAt(request.getRequestURI())
                    ? MediaType.APPLICATION_OCTET_STREAM
                    : MediaType.APPLICATION_JSON;
            return given.equalsTypeAndSubtype(needed);
        } catch (InvalidMediaTypeException e) {
            return false;
        }
    }
}
