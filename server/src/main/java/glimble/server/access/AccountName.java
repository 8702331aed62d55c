package glimble.server.access;

import com.ibm.icu.lang.UCharacter;
import java.text.Normalizer;
import java.text.Normalizer.Form;
import java.util.Optional;

/** Names of accounts, of which each has one form (NFKC), and no two are the same to people (case folded). */
final class AccountName {
    private static final String LETTERS = "[\\p{L}\\p{M}\\p{Nd} ._-]{1,60}";

    private AccountName() {}

    /** A name as it is kept; empty for one that none may have. */
    static Optional<String> of(String typed) {
        if (typed == null) return Optional.empty();
        String name = Normalizer.normalize(typed, Form.NFKC).strip().replaceAll(" +", " ");
        // Parts of a path that lead elsewhere.
        boolean leads = name.equals(".") || name.equals("..");
        return name.matches(LETTERS) && !leads ? Optional.of(name) : Optional.empty();
    }

    /** By which it is told whether two names are the same. */
    static String folded(String name) {
        return Normalizer.normalize(UCharacter.foldCase(Normalizer.normalize(name, Form.NFKC), true), Form.NFKC)
                .strip();
    }
}
