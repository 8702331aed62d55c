package glimble.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Ends the session of whoever has signed in, at the next request, once the account is gone or has another role or another password. */
final class StillAllowed extends OncePerRequestFilter {
    private static final String SIGNED_IN_AS = "glimble.account";

    private final Accounts accounts;

    StillAllowed(Accounts accounts) {
        this.accounts = accounts;
    }

    /** The session goes on with the account as it is now. */
    static void note(HttpSession session, Account account) {
        session.setAttribute(SIGNED_IN_AS, account.state());
    }

    /** Null if nobody has signed in. */
    static Object noted(HttpSession session) {
        return session.getAttribute(SIGNED_IN_AS);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (session != null && who != null && !accounts.isStill(who.getName(), noted(session))) {
            session.invalidate();
            SecurityContextHolder.clearContext();
        }
        chain.doFilter(request, response);
    }
}
