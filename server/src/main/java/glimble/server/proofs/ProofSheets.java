package glimble.server.proofs;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import glimble.graphic.Graphic;
import glimble.prove.ProofSheet;
import glimble.prove.WorstFrame;
import glimble.server.house.HouseStore;
import glimble.server.pictures.PictureStore;
import glimble.server.problems.NotThere;
import glimble.server.work.Workroom;
import glimble.typeset.JdkTypesetter;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Pages to hand over, made from what a proof came to. The last few are kept, since their pictures take a while. */
@Service
class ProofSheets {
    private static final int KEPT = 8;

    private final Proofs proofs;
    private final HouseStore house;
    private final PictureStore pictures;
    private final JdkTypesetter typesetter;
    private final Workroom workroom;
    private final Cache<Object, String> made =
            Caffeine.newBuilder().maximumSize(KEPT).build();

    private record Made(ProofAnswer proof, int house) {}

    ProofSheets(Proofs proofs, HouseStore house, PictureStore pictures, JdkTypesetter typesetter, Workroom workroom) {
        this.proofs = proofs;
        this.house = house;
        this.pictures = pictures;
        this.typesetter = typesetter;
        this.workroom = workroom;
    }

    /** @throws NotThere if nothing was proved */
    String of(long graphic, int revision) {
        ProofAnswer proof = proofs.kept(graphic, revision)
                .filter(kept -> kept.state() != ProofAnswer.State.FAILED)
                .orElseThrow(
                        () -> new NotThere("Revision " + revision + " of graphic " + graphic + " is not proved yet."));
        Made key = new Made(proof, house.known().revision());
        String known = made.getIfPresent(key);
        if (known != null) return known;
        String page = workroom.inTurn(() -> page(proof, proofs.graphic(graphic, revision), revision));
        made.put(key, page);
        return page;
    }

    private String page(ProofAnswer proof, Graphic graphic, int revision) {
        WorstFrame frames = new WorstFrame(graphic, house.palette(), typesetter, pictures, key -> {
            try {
                return Optional.of(pictures.content(key).content());
            } catch (NotThere e) {
                return Optional.empty();
            }
        });
        return ProofSheet.html(graphic.name() + ", revision " + revision, proof.standing(), graphic.proof(), frames);
    }
}
