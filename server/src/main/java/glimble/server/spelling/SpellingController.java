package glimble.server.spelling;

import glimble.cue.Cue;
import glimble.cue.CueSheet;
import glimble.server.cues.SheetStore;
import glimble.server.graphics.Designs;
import glimble.server.graphics.ValuesReader;
import glimble.server.problems.Refused;
import glimble.server.work.Workroom;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Words of what is filled in that are not known, and those that the house accepts. */
@RestController
class SpellingController {
    private static final int LONGEST = 100;

    private final Spelling spelling;
    private final WordMapper words;
    private final SheetStore sheets;
    private final Designs designs;
    private final ValuesReader values;
    private final Workroom workroom;

    SpellingController(
            Spelling spelling,
            WordMapper words,
            SheetStore sheets,
            Designs designs,
            ValuesReader values,
            Workroom workroom) {
        this.spelling = spelling;
        this.words = words;
        this.sheets = sheets;
        this.designs = designs;
        this.values = values;
        this.workroom = workroom;
    }

    record SpellingRequest(Long graphic, Integer revision, Map<String, String> values) {}

    /** @param cue id of the cue */
    record CueSpelling(String cue, List<Spelling.Unknown> unknown) {}

    record WordRequest(String word) {}

    @PostMapping("/api/spelling")
    List<Spelling.Unknown> ofFilling(@RequestBody SpellingRequest request) {
        if (request.graphic() == null) throw new Refused("$.graphic", "is missing; say which graphic is filled");
        if (request.revision() == null) throw new Refused("$.revision", "is missing; say which revision of it");
        Map<String, String> filled = values.checked(request.values());
        var graphic = designs.of(request.graphic(), request.revision());
        return workroom.inTurn(() -> spelling.look().of(graphic, filled));
    }

    /** Of all texts of a sheet; cues of which every word is known are left out. */
    @GetMapping("/api/sheets/{id}/spelling")
    List<CueSpelling> ofSheet(@PathVariable long id) {
        CueSheet sheet = sheets.read(sheets.find(id));
        return workroom.inTurn(() -> {
            Spelling.Look look = spelling.look();
            List<CueSpelling> found = new ArrayList<>();
            for (Cue cue : sheet.cues()) {
                List<Spelling.Unknown> unknown = look.of(designs.of(cue.graphic(), cue.revision()), cue.values());
                if (!unknown.isEmpty()) found.add(new CueSpelling(cue.id(), unknown));
            }
            return found;
        });
    }

    /** Those the house accepts, in their order. */
    @GetMapping("/api/words")
    List<String> words() {
        return words.all();
    }

    @PostMapping("/api/words")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void accept(@RequestBody WordRequest request) {
        String word = request.word() == null ? "" : request.word().strip();
        if (word.isEmpty()) throw new Refused("$.word", "is missing; say which word is right");
        if (word.length() > LONGEST) throw new Refused("$.word", "has more than " + LONGEST + " characters");
        spelling.accept(word);
    }

    @DeleteMapping("/api/words")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@RequestParam String word) {
        words.remove(word);
    }
}
