package glimble.server.cues;

import glimble.cue.CueSheet;
import glimble.server.graphics.SaveId;
import glimble.server.problems.Refused;
import java.net.URI;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Cue sheets. */
@RestController
@RequestMapping("/api/sheets")
class SheetsController {
    private final SheetStore store;
    private final SheetEdits edits;
    private final JsonMapper json;

    SheetsController(SheetStore store, SheetEdits edits, JsonMapper json) {
        this.store = store;
        this.edits = edits;
        this.json = json;
    }

    /** A cue sheet at one of its revisions. */
    record SheetAnswer(long id, int revision, Instant savedAt, SheetJson sheet) {}

    /** @param copyOf id of the sheet whose cues it begins with; missing for none */
    record NewSheetRequest(String name, Long copyOf, String saveId) {}

    /** @param revision that the change made which is taken back */
    record UndoRequest(Integer revision, String saveId) {}

    /** Those that are put aside too, last changed first. */
    @GetMapping
    List<SheetNote> all() {
        return store.all();
    }

    @GetMapping("/{id}")
    SheetAnswer one(@PathVariable long id) {
        return answer(store.find(id));
    }

    @PostMapping
    ResponseEntity<SheetAnswer> add(@RequestBody NewSheetRequest request) {
        String name = SheetRules.name(request.name());
        CueSheet sheet = request.copyOf() == null
                ? new CueSheet(name, List.of())
                : store.read(store.find(request.copyOf())).withName(name);
        StoredSheet added = store.add(sheet, SaveId.of(request.saveId()));
        return ResponseEntity.created(URI.create("/api/sheets/" + added.id())).body(answer(added));
    }

    @PostMapping("/{id}/edits")
    SheetAnswer edit(@PathVariable long id, @RequestBody SheetEdit edit) {
        if (edit.basedOn() == null) throw new Refused("$.basedOn", "is missing; state the revision you changed");
        return answer(store.change(id, edit.basedOn(), edits.change(edit), SaveId.of(edit.saveId())));
    }

    @PostMapping("/{id}/undo")
    SheetAnswer undo(@PathVariable long id, @RequestBody UndoRequest request) {
        if (request.revision() == null || request.revision() < 2) {
            throw new Refused("$.revision", "is missing, or made nothing that could be taken back");
        }
        return answer(store.undo(id, request.revision(), SaveId.of(request.saveId())));
    }

    /** Puts it aside. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putAside(@PathVariable long id) {
        store.setAside(id, true);
    }

    /** Brings it back. */
    @PostMapping("/{id}/restored")
    SheetAnswer restore(@PathVariable long id) {
        store.setAside(id, false);
        return answer(store.find(id));
    }

    private SheetAnswer answer(StoredSheet stored) {
        SheetJson sheet = json.readValue(stored.document(), SheetJson.class);
        return new SheetAnswer(stored.id(), stored.revision(), stored.savedAt(), sheet);
    }
}
