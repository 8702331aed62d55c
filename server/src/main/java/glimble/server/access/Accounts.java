package glimble.server.access;

import glimble.server.problems.NotThere;
import glimble.server.problems.Refused;
import glimble.server.work.InOneTransaction;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;

/** Who may sign in. */
@Service
class Accounts implements UserDetailsService {
    private static final int SHORTEST = 10;
    /** Bytes of UTF-8: what a hash (BCrypt) can take. */
    private static final int LONGEST = 72;

    private static final int FIRST_BYTES = 9;
    private static final int MOST = 1_000;

    private final AccountMapper mapper;
    private final PasswordEncoder passwords;
    private final Clock clock;
    private final SignInWaits waits;
    private final ApplicationEventPublisher events;

    Accounts(
            AccountMapper mapper,
            PasswordEncoder passwords,
            Clock clock,
            SignInWaits waits,
            ApplicationEventPublisher events) {
        this.waits = waits;
        this.events = events;
        this.mapper = mapper;
        this.passwords = passwords;
        this.clock = clock;
    }

    @Override
    public UserDetails loadUserByUsername(String name) {
        Account account = find(name).orElseThrow(() -> new UsernameNotFoundException("There is no such account."));
        return User.withUsername(account.name())
                .password(account.password())
                .roles(account.role().name())
                .build();
    }

    /** However it is typed. */
    private Optional<Account> find(String name) {
        return find(name, mapper.all());
    }

    private static Optional<Account> find(String name, List<Account> among) {
        String folded = AccountName.folded(name);
        return among.stream()
                .filter(one -> AccountName.folded(one.name()).equals(folded))
                .findFirst();
    }

    /** @throws NotThere if there is none of that name */
    Account named(String name) {
        return find(name).orElseThrow(() -> none(name));
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

    /**
     * @return its name
     * @throws Refused if the name or the password will not do
     */
    @InOneTransaction
    String add(String typed, String password, Role role) {
        String name = AccountName.of(typed)
                .orElseThrow(
                        () -> new Refused("$.name", "must be of 1 to 60 letters, digits, spaces, points and dashes"));
        if (role == null) throw new Refused("$.role", "is missing; say VIEWER, OPERATOR or ANIMATOR");
        check(password);
        List<Account> all = mapper.all();
        if (find(name, all).isPresent()) throw new Refused("$.name", "is that of another account; choose another");
        if (all.size() >= MOST) throw new Refused("$.name", "is one too many; remove an account first");
        mapper.add(name, passwords.encode(password), role, clock.instant());
        return name;
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
        Account account = named(name);
        keepOne(account, role == Role.ANIMATOR);
        mapper.setRole(account.name(), role);
        events.publishEvent(new AccountChanged(account.name()));
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
        Account account = named(name);
        mapper.setPassword(account.name(), passwords.encode(password));
        waits.forget(AccountName.folded(name));
        events.publishEvent(new AccountChanged(account.name()));
    }

    /** @throws Refused if nobody would be left who can give roles */
    @InOneTransaction
    void remove(String name) {
        Account account = named(name);
        keepOne(account, false);
        mapper.remove(account.name());
        events.publishEvent(new AccountChanged(account.name()));
    }

    private void keepOne(Account account, boolean stays) {
        boolean last = account.role() == Role.ANIMATOR && mapper.count(Role.ANIMATOR) == 1;
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
}
