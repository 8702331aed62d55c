package glimble.server.access;

import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;
import glimble.server.work.InOneTransaction;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.security.authentication.event.AuthenticationFailureBadCredentialsEvent;
import org.springframework.security.authentication.event.AuthenticationSuccessEvent;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;

/** Who may sign in. After some wrong passwords in a row an account is locked for a while. */
@Service
class Accounts implements UserDetailsService {
    private static final int WRONG = 5;
    private static final Duration LOCKED = Duration.ofMinutes(5);
    private static final int SHORTEST = 10;
    /** Bytes of UTF-8: what a hash (BCrypt) can take. */
    private static final int LONGEST = 72;

    private static final int FIRST_BYTES = 9;
    private static final String NAME = "[\\p{L}\\p{M}\\p{Nd} ._-]{1,60}";

    private final AccountMapper mapper;
    private final PasswordEncoder passwords;
    private final Clock clock;

    Accounts(AccountMapper mapper, PasswordEncoder passwords, Clock clock) {
        this.mapper = mapper;
        this.passwords = passwords;
        this.clock = clock;
    }

    @Override
    public UserDetails loadUserByUsername(String name) {
        Account account =
                mapper.find(name).orElseThrow(() -> new UsernameNotFoundException("There is no such account."));
        boolean locked = account.lockedUntil() != null && clock.instant().isBefore(account.lockedUntil());
        return User.withUsername(account.name())
                .password(account.password())
                .roles(account.role().name())
                .accountLocked(locked)
                .build();
    }

    /** @throws NotThere if there is none of that name */
    Account named(String name) {
        return mapper.find(name).orElseThrow(() -> none(name));
    }

    /** Whether an account is as it was; without its database nobody is sent away. */
    boolean isStill(String name, Object state) {
        try {
            return mapper.find(name).filter(now -> now.state().equals(state)).isPresent();
        } catch (DataAccessException | TransactionException e) {
            return true;
        }
    }

    List<Account> all() {
        return mapper.all();
    }

    /** @throws Refused if the name or the password will not do */
    @InOneTransaction
    void add(String name, String password, Role role) {
        if (name == null || !name.matches(NAME) || name.isBlank()) {
            throw new Refused("$.name", "must be of 1 to 60 letters, digits, spaces, points and dashes");
        }
        if (role == null) throw new Refused("$.role", "is missing; say VIEWER, OPERATOR or ANIMATOR");
        check(password);
        if (mapper.find(name.strip()).isPresent())
            throw new Refused("$.name", "is that of another account; choose another");
        mapper.add(name.strip(), passwords.encode(password), role, clock.instant());
    }

    private static void check(String password) {
        if (password == null || password.length() < SHORTEST) {
            throw new Refused("$.password", "must have at least " + SHORTEST + " characters");
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > LONGEST) {
            throw new Refused(
                    "$.password",
                    "must have at most " + LONGEST + " plain letters, or about half as many of other scripts");
        }
    }

    /** @throws Refused if nobody would be left who can give roles */
    @InOneTransaction
    void setRole(String name, Role role) {
        if (role == null) throw new Refused("$.role", "is missing; say VIEWER, OPERATOR or ANIMATOR");
        keepOne(name, role == Role.ANIMATOR);
        if (mapper.setRole(name, role) == 0) throw none(name);
    }

    /**
     * Gives oneself another password.
     *
     * @throws Refused if the old one is not the one that there is
     */
    @InOneTransaction
    void setOwnPassword(String name, String old, String password) {
        if (old == null || !passwords.matches(old, named(name).password())) {
            throw new Refused("$.old", "is not the password you have; type that one, too");
        }
        setPassword(name, password);
    }

    @InOneTransaction
    void setPassword(String name, String password) {
        check(password);
        if (mapper.setPassword(name, passwords.encode(password)) == 0) throw none(name);
    }

    /** @throws Refused if nobody would be left who can give roles */
    @InOneTransaction
    void remove(String name) {
        keepOne(name, false);
        if (mapper.remove(name) == 0) throw none(name);
    }

    private void keepOne(String name, boolean stays) {
        boolean last =
                mapper.find(name).filter(one -> one.role() == Role.ANIMATOR).isPresent()
                        && mapper.count(Role.ANIMATOR) == 1;
        if (last && !stays) {
            throw new Refused("$.name", "is that of the last animator; make another one first");
        }
    }

    private static NotThere none(String name) {
        return new NotThere("There is no account " + name + ".");
    }

    /**
     * An account for whoever comes first.
     *
     * @return its password, which is said nowhere else; empty if there are accounts already
     */
    @InOneTransaction
    String first(String name) {
        if (!mapper.all().isEmpty()) return "";
        byte[] bytes = new byte[FIRST_BYTES];
        new SecureRandom().nextBytes(bytes);
        String password = HexFormat.ofDelimiter("-").formatHex(bytes, 0, 3) + "-"
                + HexFormat.of().formatHex(bytes, 3, FIRST_BYTES);
        add(name, password, Role.ANIMATOR);
        return password;
    }

    @EventListener
    void failed(AuthenticationFailureBadCredentialsEvent event) {
        mapper.fail(event.getAuthentication().getName(), WRONG, clock.instant().plus(LOCKED));
    }

    @EventListener
    void succeeded(AuthenticationSuccessEvent event) {
        mapper.succeed(event.getAuthentication().getName());
    }
}
