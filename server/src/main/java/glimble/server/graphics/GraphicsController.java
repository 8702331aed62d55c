package glimble.server.graphics;

import glimble.edit.Uses;
import glimble.graphic.Graphic;
import glimble.graphic.Limits;
import glimble.server.problems.Refused;
import io.swagger.v3.oas.annotations.media.Schema;
import java.net.URI;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Graphics and their revisions. */
@RestController
@RequestMapping("/api/graphics")
class GraphicsController {
    private static final String GRAPHIC = "#/components/schemas/Graphic";

    private final GraphicStore store;
    private final DocumentReader documents;
    private final JsonMapper json;

    GraphicsController(GraphicStore store, DocumentReader documents, JsonMapper json) {
        this.store = store;
        this.documents = documents;
        this.json = json;
    }

    /** A graphic at one of its revisions. */
    record GraphicAnswer(
            long id,
            int revision,
            Instant savedAt,
            @Schema(ref = GRAPHIC) JsonNode document) {}

    /** @param saveId missing for none */
    record NewGraphicRequest(@Schema(ref = GRAPHIC) JsonNode document, String saveId) {}

    /**
     * A save states the revision it changes.
     *
     * @param saveId missing for none; of no account to a draft
     */
    record SaveRequest(
            Integer basedOn, @Schema(ref = GRAPHIC) JsonNode document, String saveId) {}

    @GetMapping
    List<GraphicAnswer> all() {
        return store.all().stream().map(this::answer).toList();
    }

    /** What a graphic needs of the house. */
    record UsesAnswer(String name, Set<String> colours, Set<String> pictures) {}

    /** Of every graphic on the shelf. */
    @GetMapping("/uses")
    List<UsesAnswer> uses() {
        return store.all().stream()
                .map(stored -> documents.read(json.readTree(stored.document())))
                .map(graphic -> {
                    Uses uses = Uses.of(graphic);
                    return new UsesAnswer(graphic.name(), uses.colours(), uses.pictures());
                })
                .toList();
    }

    @GetMapping("/{id}")
    GraphicAnswer one(@PathVariable long id) {
        return answer(store.find(id));
    }

    @GetMapping("/{id}/revisions")
    List<RevisionNote> revisions(@PathVariable long id) {
        return store.revisions(id);
    }

    @GetMapping("/{id}/revisions/{revision}")
    GraphicAnswer revision(@PathVariable long id, @PathVariable int revision) {
        return answer(store.find(id, revision));
    }

    @PostMapping
    ResponseEntity<GraphicAnswer> add(@RequestBody NewGraphicRequest request) {
        StoredGraphic added = added(documents.read(request.document()), SaveId.of(request.saveId()));
        return ResponseEntity.created(URI.create("/api/graphics/" + added.id())).body(answer(added));
    }

    private StoredGraphic added(Graphic graphic, SaveId saveId) {
        try {
            return store.add(graphic, saveId);
        } catch (DuplicateKeyException e) {
            // The very same was sent twice at the same time.
            return store.add(graphic, saveId);
        }
    }

    @PutMapping("/{id}")
    GraphicAnswer save(@PathVariable long id, @RequestBody SaveRequest request) {
        if (request.basedOn() == null) throw new Refused("$.basedOn", "is missing; state the revision you changed");
        Graphic graphic = documents.read(request.document());
        return answer(store.save(id, request.basedOn(), graphic, SaveId.of(request.saveId())));
    }

    /** What is being changed and not saved yet; missing if there is nothing. */
    record DraftAnswer(Optional<Draft> draft) {}

    record Draft(
            int basedOn,
            Instant savedAt,
            @Schema(ref = GRAPHIC) JsonNode document) {}

    @GetMapping("/{id}/draft")
    DraftAnswer draft(@PathVariable long id) {
        return new DraftAnswer(store.draft(id)
                .map(draft -> new Draft(draft.basedOn(), draft.savedAt(), json.readTree(draft.document()))));
    }

    /** Keeps a draft, which is overwritten by the next one and gone with the next save. */
    @PutMapping("/{id}/draft")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keepDraft(@PathVariable long id, @RequestBody SaveRequest request) {
        if (request.basedOn() == null) throw new Refused("$.basedOn", "is missing; state the revision you changed");
        store.keepDraft(id, request.basedOn(), documents.read(request.document()));
    }

    @DeleteMapping("/{id}/draft")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void dropDraft(@PathVariable long id) {
        store.dropDraft(id);
    }

    /** @param name empty to take a name away */
    record NameRequest(String name) {}

    @PutMapping("/{id}/revisions/{revision}/name")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void nameRevision(@PathVariable long id, @PathVariable int revision, @RequestBody NameRequest request) {
        String name = request.name() == null ? "" : request.name().strip();
        if (name.length() > Limits.KEY) {
            throw new Refused("$.name", "has more than " + Limits.KEY + " characters; give a shorter one");
        }
        store.nameRevision(id, revision, name);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable long id) {
        store.setDeleted(id, true);
    }

    /** Takes back a delete. */
    @PostMapping("/{id}/restored")
    GraphicAnswer restore(@PathVariable long id) {
        store.setDeleted(id, false);
        return answer(store.find(id));
    }

    private GraphicAnswer answer(StoredGraphic stored) {
        return new GraphicAnswer(stored.id(), stored.revision(), stored.savedAt(), json.readTree(stored.document()));
    }
}
