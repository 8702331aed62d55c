package glimble.server.cues;

import glimble.air.Filled;
import glimble.air.Reels;
import glimble.budget.Budget;
import glimble.budget.Effort;
import glimble.change.ChangeEffort;
import glimble.cue.Blanks;
import glimble.cue.CueCheck;
import glimble.cue.InWords;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.PhaseName;
import glimble.proof.Fault;
import glimble.proof.Finding;
import glimble.proof.Prover;
import glimble.reel.Reel;
import glimble.reel.ReelEffort;
import glimble.rest.Pictures;
import glimble.rest.Rect;
import glimble.server.graphics.Designs;
import glimble.server.graphics.ValuesReader;
import glimble.server.house.HouseStore;
import glimble.server.problems.Refused;
import glimble.server.work.Clients;
import glimble.server.work.Workroom;
import glimble.text.Typesetter;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Works out what is filled in a saved graphic, and checks it. Keeps nothing, so it can be asked on every keystroke. */
@RestController
@RequestMapping("/api/fillings")
class FillingsController {
    private final Designs designs;
    private final HouseStore house;
    private final FillingCheck check;
    private final ValuesReader values;
    private final Typesetter typesetter;
    private final Pictures pictures;
    private final Workroom workroom;
    private final Clients clients;

    FillingsController(
            Designs designs,
            HouseStore house,
            FillingCheck check,
            ValuesReader values,
            Typesetter typesetter,
            Pictures pictures,
            Workroom workroom,
            Clients clients) {
        this.designs = designs;
        this.house = house;
        this.check = check;
        this.values = values;
        this.typesetter = typesetter;
        this.pictures = pictures;
        this.workroom = workroom;
        this.clients = clients;
    }

    /**
     * @param graphic id
     * @param values text by field key
     * @param dials what is set, by key; missing for as designed
     * @param before those that stand when it is taken, of the same graphic; missing if it comes in
     * @param beforeDials what is set of it then; missing for as designed
     */
    record FillingRequest(
            Long graphic,
            Integer revision,
            Map<String, String> values,
            Map<String, String> dials,
            Map<String, String> before,
            Map<String, String> beforeDials) {}

    /**
     * @param wrong what keeps it from being filled, said at the fields
     * @param blanks what becomes of it because a field is blank
     * @param change what its parts do when it comes in the place of what stands; missing if it comes in
     */
    record FilledAnswer(Reel reel, List<CueCheck.Wrong> wrong, List<Blanks.Said> blanks, Optional<String> change) {}

    /** @param standing sound, doubtful or not fillable */
    record CueCheckAnswer(CueCheck.Standing standing, List<CueCheck.Wrong> wrong, List<CueFinding> findings) {}

    /**
     * One thing that is wrong.
     *
     * @param check word of the check
     * @param part empty if it is about the whole
     * @param when the phase in a word, or that it is in the change
     * @param frame of that phase
     * @param where px, to be pointed out in the picture
     */
    record CueFinding(
            String check,
            String part,
            String when,
            PhaseName phase,
            int frame,
            String sentence,
            String mend,
            Rect where) {
        static CueFinding of(Finding finding) {
            Fault worst = finding.worst();
            return new CueFinding(
                    worst.check().word(),
                    worst.part(),
                    worst.when(),
                    worst.drawnIn(),
                    worst.frame(),
                    worst.sentence(),
                    worst.mend(),
                    worst.where());
        }
    }

    @PostMapping("/worked")
    FilledAnswer worked(@RequestBody FillingRequest request, HttpServletRequest http) {
        Filled filled = filled(request, request.values(), request.dials());
        Graphic graphic = filled.designed();
        Effort effort = ReelEffort.of(graphic, filled.values(), graphic.frame().length());
        if (request.before() != null) {
            Map<String, String> before = values.checked(request.before());
            effort = effort.plus(ChangeEffort.of(
                    graphic, before, graphic, filled.values(), graphic.frame().length()));
        }
        return workroom.work(effort, "$.values", () -> answer(request, filled, clients.budget(http)));
    }

    private FilledAnswer answer(FillingRequest request, Filled filled, Budget budget) {
        Reels reels = new Reels(typesetter, pictures);
        Reel reel = reels.take(filled, Condition.Standing.NOTHING, 0, budget).reel();
        Optional<String> change = Optional.ofNullable(request.before())
                .map(before ->
                        InWords.change(reels.changes(filled(request, before, request.beforeDials()), filled, budget)));
        return new FilledAnswer(reel, wrong(request, filled), Blanks.of(filled.designed(), filled.values()), change);
    }

    @PostMapping("/checked")
    CueCheckAnswer checked(@RequestBody FillingRequest request) {
        CueCheck.Set cue = new CueCheck.Set(values.checked(request.values()), values.checkedDials(request.dials()));
        Prover prover = new Prover(designed(request), house.palette(), typesetter, pictures);
        Optional<CueCheck.Set> before = Optional.ofNullable(request.before())
                .map(stands -> new CueCheck.Set(values.checked(stands), values.checkedDials(request.beforeDials())));
        Effort effort =
                CueCheck.fillings(cue, before).stream().map(prover::effort).reduce(Effort.NONE, Effort::plus);
        CueCheck checked = workroom.work(
                effort, "$.values", () -> CueCheck.of(cue, before, prover, check.known(), typesetter.writing()));
        return new CueCheckAnswer(
                checked.standing(),
                checked.wrong(),
                checked.findings().stream().map(CueFinding::of).toList());
    }

    /** Dials are judged by what they are designed as. */
    private List<CueCheck.Wrong> wrong(FillingRequest request, Filled filled) {
        List<CueCheck.Wrong> wrong = new ArrayList<>(check.wrong(filled.designed(), filled.values()));
        wrong.addAll(CueCheck.wrongDials(designed(request), filled.dials()));
        return wrong;
    }

    private Graphic designed(FillingRequest request) {
        if (request.graphic() == null) throw new Refused("$.graphic", "is missing; say which graphic is filled");
        if (request.revision() == null) throw new Refused("$.revision", "is missing; say which revision of it");
        return house.framed(designs.of(request.graphic(), request.revision()));
    }

    private Filled filled(FillingRequest request, Map<String, String> given, Map<String, String> dials) {
        return Filled.of(
                request.graphic() + "/" + request.revision(),
                designed(request),
                house.palette(),
                values.checked(given),
                values.checkedDials(dials),
                request);
    }
}
