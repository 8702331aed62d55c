package glimble.server.proofs;

import glimble.prove.ProofRun;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What proofs came to, for whatever tells of them elsewhere. */
@Component
public class KeptProofs {
    private final Proofs proofs;

    KeptProofs(Proofs proofs) {
        this.proofs = proofs;
    }

    /**
     * @return empty if the revision is not proved to its end
     * @throws glimble.server.problems.NotThere if there is no such revision
     */
    public Optional<ProofRun.Standing> of(long graphic, int revision) {
        return proofs.kept(graphic, revision)
                .filter(kept -> kept.state() == ProofAnswer.State.FINISHED)
                .map(ProofAnswer::standing);
    }
}
