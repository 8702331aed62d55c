package glimble.server.access;

import glimble.server.problems.Refused;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who may sign in, and what they may do then. */
@RestController
@RequestMapping("/api/accounts")
class AccountsController {
    private final Accounts accounts;
    private final SignIn signIn;

    AccountsController(Accounts accounts, SignIn signIn) {
        this.accounts = accounts;
        this.signIn = signIn;
    }

    record AccountAnswer(String name, Role role) {}

    record NewAccountRequest(String name, String password, Role role) {}

    /** Missing members stay as they are. */
    record AccountRequest(String password, Role role) {}

    @GetMapping
    List<AccountAnswer> all() {
        return accounts.all().stream()
                .map(account -> new AccountAnswer(account.name(), account.role()))
                .toList();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    AccountAnswer add(@RequestBody NewAccountRequest request) {
        refuseIfOff();
        String name = accounts.add(request.name(), request.password(), request.role());
        return new AccountAnswer(name, request.role());
    }

    @PutMapping("/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@PathVariable String name, @RequestBody AccountRequest request) {
        refuseIfOff();
        if (request.role() != null) accounts.setRole(name, request.role());
        if (request.password() != null) accounts.setPassword(name, request.password());
    }

    @DeleteMapping("/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String name) {
        refuseIfOff();
        accounts.remove(name);
    }

    /** Whoever asks is not known then. */
    private void refuseIfOff() {
        if (!signIn.signIn()) {
            throw new Refused("$", SignIn.OFF);
        }
    }
}
