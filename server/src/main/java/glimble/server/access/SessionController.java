package glimble.server.access;

import glimble.server.problems.Refused;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.Optional;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.logout.SecurityContextLogoutHandler;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {
    private final ObjectProvider<AuthenticationManager> manager;
    private final ObjectProvider<SecurityContextRepository> contexts;
    private final ObjectProvider<CsrfTokenRepository> tokens;
    private final Accounts accounts;
    private final SignInWaits waits;
    private final SignIn signIn;

    SessionController(
            ObjectProvider<AuthenticationManager> manager,
            ObjectProvider<SecurityContextRepository> contexts,
            ObjectProvider<CsrfTokenRepository> tokens,
            Accounts accounts,
            SignInWaits waits,
            SignIn signIn) {
        this.manager = manager;
        this.contexts = contexts;
        this.tokens = tokens;
        this.waits = waits;
        this.accounts = accounts;
        this.signIn = signIn;
    }

    /**
     * @param needed whether one has to sign in at all
     * @param name of whoever has; missing for nobody
     * @param role likewise; where nobody has to, everybody is an animator
     */
    record SessionAnswer(boolean needed, Optional<String> name, Optional<Role> role) {}

    record SignInRequest(String name, String password) {}

    /** @param old the one that there is */
    record PasswordRequest(String old, String password) {}

    @GetMapping
    SessionAnswer session(HttpServletRequest request) {
        if (!signIn.signIn()) return new SessionAnswer(false, Optional.empty(), Optional.of(Role.ANIMATOR));
        return answer(request.getUserPrincipal());
    }

    @PostMapping
    SessionAnswer signIn(@RequestBody SignInRequest request, HttpServletRequest http, HttpServletResponse response) {
        if (!signIn.signIn()) throw new Refused("$.name", SignIn.OFF);
        if (request.name() == null || request.password() == null) {
            throw new Refused("$.name", "and $.password are needed");
        }
        String folded = AccountName.folded(request.name());
        waits.begin(folded, http.getRemoteAddr());
        Authentication found = manager.getObject()
                .authenticate(UsernamePasswordAuthenticationToken.unauthenticated(request.name(), request.password()));
        waits.right(folded, http.getRemoteAddr());
        // A session that somebody else may know of is not gone on with.
        if (http.getSession(false) != null) http.changeSessionId();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(found);
        SecurityContextHolder.setContext(context);
        contexts.getObject().saveContext(context, http, response);
        StillAllowed.note(http.getSession(), accounts.named(found.getName()));
        // Nor is its token.
        new CsrfAuthenticationStrategy(tokens.getObject()).onAuthentication(found, http, response);
        return answer(found);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request, HttpServletResponse response) {
        new SecurityContextLogoutHandler().logout(request, response, null);
    }

    /** Gives oneself another password; whoever else has signed in with the old one has to sign in again. */
    @PutMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void password(@RequestBody PasswordRequest request, HttpServletRequest http) {
        if (!signIn.signIn() || http.getUserPrincipal() == null) throw new Refused("$.password", SignIn.OFF);
        String name = http.getUserPrincipal().getName();
        accounts.setOwnPassword(name, request.old(), request.password());
        StillAllowed.note(http.getSession(), accounts.named(name));
    }

    private static SessionAnswer answer(Principal principal) {
        if (!(principal instanceof Authentication found)) {
            return new SessionAnswer(true, Optional.empty(), Optional.empty());
        }
        Optional<Role> role = found.getAuthorities().stream()
                .map(authority -> Role.valueOf(authority.getAuthority().substring("ROLE_".length())))
                .findFirst();
        return new SessionAnswer(true, Optional.of(found.getName()), role);
    }
}
