package glimble.server.access;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/** Where one has to sign in and nobody can yet, makes the first animator's account, and prints its password once. */
@Component
class FirstAccount implements ApplicationRunner {
    private static final String NAME = "animator";

    private final Accounts accounts;
    private final SignIn signIn;

    FirstAccount(Accounts accounts, SignIn signIn) {
        this.accounts = accounts;
        this.signIn = signIn;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (!signIn.signIn()) return;
        String password = accounts.first(NAME);
        if (password.isEmpty()) return;
        // Not in the log, which is kept.
        System.out.println("glimble: sign in as " + NAME + " with " + password
                + " (it is not said again; change it on the House screen)");
    }
}
