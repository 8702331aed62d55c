package glimble.server.reels;

import glimble.budget.Budget;
import glimble.budget.Effort;
import glimble.cases.Answered;
import glimble.cases.CaseEffort;
import glimble.cases.Exchange;
import glimble.cases.Variants;
import glimble.cases.Widths;
import glimble.change.ChangeEffort;
import glimble.change.Changed;
import glimble.change.Changes;
import glimble.change.PartChange;
import glimble.change.Shown;
import glimble.change.Take;
import glimble.document.Dialled;
import glimble.edit.Coloured;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.PhaseName;
import glimble.graphic.Played;
import glimble.proof.Filling;
import glimble.reel.Bar;
import glimble.reel.Reel;
import glimble.reel.ReelEffort;
import glimble.rest.Pictures;
import glimble.server.graphics.DocumentReader;
import glimble.server.graphics.ValuesReader;
import glimble.server.house.HouseStore;
import glimble.server.problems.Refused;
import glimble.server.work.Clients;
import glimble.server.work.Workroom;
import glimble.text.Typesetter;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Works out what happens when a graphic gets other values while it stands. Keeps nothing. */
@RestController
class ChangesController {
    /** Changes that may interrupt each other. */
    private static final int STAGES = 6;

    private final DocumentReader documents;
    private final Typesetter typesetter;
    private final HouseStore house;
    private final Pictures pictures;
    private final ValuesReader values;
    private final Workroom workroom;
    private final Clients clients;

    ChangesController(
            DocumentReader documents,
            Typesetter typesetter,
            HouseStore house,
            Pictures pictures,
            ValuesReader values,
            Workroom workroom,
            Clients clients) {
        this.documents = documents;
        this.typesetter = typesetter;
        this.house = house;
        this.pictures = pictures;
        this.values = values;
        this.workroom = workroom;
        this.clients = clients;
    }

    /**
     * @param stages what was on air one after the other: the first is how the graphic was taken, each further one a change
     * @param values each filling to which the last stage may change
     * @param seenAs the variants that stand in the place of their phases in the document; missing if it is the design itself
     * @param played the variants to be played whatever the cases say; missing for what they say
     * @param dials what is set, by key; missing for as designed
     */
    record ChangesRequest(
            @Schema(ref = "#/components/schemas/Graphic") JsonNode document,
            List<Stage> stages,
            List<Map<String, String>> values,
            Played seenAs,
            Played played,
            Map<String, String> dials) {}

    /**
     * Values that stand, and the moment at which they are replaced.
     *
     * @param values text by field key
     * @param phase in or loop; missing for at rest. The in of a change is the change
     * @param frame of that phase
     * @param looped where the in waits at a step, the frame of the loop for what stands already; missing for none
     * @param share how much of that loop is seen, 0–1; missing for nothing of it
     * @param waits whether the in waits at a step; missing for no
     * @param at a moment of the in, or of the change, instead of a frame; missing for what phase and frame say
     */
    record Stage(
            Map<String, String> values,
            PhaseName phase,
            Integer frame,
            Integer looped,
            Double share,
            Boolean waits,
            Filling.At at) {}

    /**
     * @param changes one for each filling, in the same order
     * @param out the last stage, leaving from its moment
     */
    record ChangesAnswer(List<ChangeAnswer> changes, Reel out) {}

    /**
     * @param reel whose in is the change
     * @param parts what each part does
     * @param bars the moves that are played in the change
     * @param length frames until what changes is at rest; 0 if nothing moves
     * @param played the variants that are played for the new values
     */
    record ChangeAnswer(Reel reel, List<PartChange> parts, List<Bar> bars, int length, Played played) {}

    @PostMapping("/api/changes")
    ChangesAnswer work(@RequestBody ChangesRequest request, HttpServletRequest http) {
        Graphic read = documents.read(request.document());
        Played seenAs = request.seenAs() == null ? Played.PLAIN : ReelsController.named(request.seenAs(), "$.seenAs");
        Graphic designed = Dialled.of(house.framed(Exchange.back(read, seenAs)), values.checkedDials(request.dials()));
        List<Map<String, String>> fillings = values.checked(request.values());
        List<Stage> stages = checked(request.stages());
        return workroom.work(
                effort(designed, stages, fillings),
                "$.values",
                () -> answer(designed, stages, fillings, request.played(), clients.budget(http)));
    }

    private List<Stage> checked(List<Stage> stages) {
        if (stages == null || stages.isEmpty()) {
            throw new Refused("$.stages", "is missing; send a list with what is on air");
        }
        if (stages.size() > STAGES) {
            throw new Refused("$.stages", "has " + stages.size() + " entries; at most " + STAGES + " are allowed");
        }
        List<Stage> checked = new ArrayList<>();
        for (int i = 0; i < stages.size(); i++) {
            Stage stage = stages.get(i);
            String path = "$.stages[" + i + "]";
            if (stage == null) throw new Refused(path, "must be an object with values");
            Map<String, String> filling = values.checked(stage.values());
            boolean played = stage.phase() == null || stage.phase() == PhaseName.IN || stage.phase() == PhaseName.LOOP;
            if (!played) throw new Refused(path + ".phase", "must be IN or LOOP; what leaves does not change any more");
            if (stage.frame() != null && stage.frame() < 0) throw new Refused(path + ".frame", "must be 0 or more");
            if (stage.share() != null && !(stage.share() >= 0 && stage.share() <= 1)) {
                throw new Refused(path + ".share", "must be from 0 to 1");
            }
            if (stage.looped() != null && stage.looped() < 0) throw new Refused(path + ".looped", "must be 0 or more");
            checked.add(new Stage(
                    filling, stage.phase(), stage.frame(), stage.looped(), stage.share(), stage.waits(), stage.at()));
        }
        return checked;
    }

    /** If no variant is played; whatever is played is spent from the budget. */
    private static Effort effort(Graphic designed, List<Stage> stages, List<Map<String, String>> fillings) {
        int length = designed.frame().length();
        Effort effort = ReelEffort.of(designed, stages.get(0).values(), length);
        for (Map<String, String> filling : fillings) effort = effort.plus(CaseEffort.ofAnswer(designed, filling));
        for (Stage stage : stages) effort = effort.plus(CaseEffort.ofAnswer(designed, stage.values()));
        for (int i = 1; i < stages.size(); i++) {
            effort = effort.plus(ChangeEffort.of(
                    designed,
                    stages.get(i - 1).values(),
                    designed,
                    stages.get(i).values(),
                    length));
        }
        Map<String, String> last = stages.get(stages.size() - 1).values();
        for (Map<String, String> filling : fillings) {
            effort = effort.plus(ChangeEffort.of(designed, last, designed, filling, length));
        }
        return effort;
    }

    private ChangesAnswer answer(
            Graphic designed, List<Stage> stages, List<Map<String, String>> fillings, Played played, Budget budget) {
        Widths widths = Widths.of(designed, typesetter, pictures, budget);
        if (played != null) {
            // What no case plays together may not go together.
            documents.check(Variants.played(designed, ReelsController.named(played, "$.played")));
        }
        Work work = new Work(designed, widths, house.palette(), played, budget);
        Shown shown = taken(work, stages.get(0));
        for (Stage stage : stages.subList(1, stages.size())) {
            Changed changed =
                    change(work, shown, work.answered(stage.values(), Condition.Standing.SAME), stage.values());
            shown = at(Shown.of(changed, PhaseName.IN, changed.worked().reel().in()), stage);
        }
        List<ChangeAnswer> changes = new ArrayList<>();
        for (Map<String, String> filling : fillings) {
            Answered answered = work.answered(filling, Condition.Standing.SAME);
            Changed changed = change(work, shown, answered, filling);
            changes.add(new ChangeAnswer(
                    changed.worked().reel(),
                    changed.parts(),
                    changed.worked().bars(),
                    changed.length(),
                    answered.answer().played()));
        }
        return new ChangesAnswer(changes, shown.leaving());
    }

    /** What is needed to work anything out for one request. */
    private record Work(Graphic designed, Widths widths, Palette palette, Played played, Budget budget) {
        Answered answered(Map<String, String> filling, Condition.Standing onAir) {
            Answered answered = Answered.of(designed, filling, onAir, widths);
            if (played != null) {
                answered = new Answered(
                        Variants.played(designed, played), answered.answer().playing(played));
            }
            return new Answered(Coloured.of(answered.graphic(), palette, filling), answered.answer());
        }
    }

    private Shown taken(Work work, Stage stage) {
        Graphic graphic =
                work.answered(stage.values(), Condition.Standing.NOTHING).graphic();
        Take take = Take.of(
                graphic, stage.values(), typesetter, pictures, graphic.frame().length(), work.budget());
        Shown rest = take.atRest();
        int round = rest.reel().loop();
        boolean loops = stage.at() == null && stage.phase() == PhaseName.LOOP && round > 0;
        return loops ? take.shown(PhaseName.LOOP, stage.frame() == null ? 0 : stage.frame() % round) : at(rest, stage);
    }

    private Changed change(Work work, Shown shown, Answered answered, Map<String, String> filling) {
        Graphic graphic = answered.graphic();
        work.budget()
                .allow(ChangeEffort.of(
                        shown.graphic(),
                        shown.values(),
                        graphic,
                        filling,
                        graphic.frame().length()));
        return Changes.of(
                shown, graphic, filling, typesetter, pictures, graphic.frame().length(), work.budget());
    }

    /** The moment of a stage; past the last frame of its phase, that one. */
    private static Shown at(Shown rest, Stage stage) {
        if (stage.at() != null)
            return rest.moment(PhaseName.IN, stage.at().frame(rest.reel().in()));
        if (stage.phase() == null) return rest;
        int last = rest.reel().length(stage.phase());
        int frame = stage.frame() == null ? last : Math.min(last, stage.frame());
        boolean loops = stage.phase() == PhaseName.LOOP && last == 0;
        return (loops ? rest : rest.moment(stage.phase(), frame))
                .looping(
                        stage.looped() == null ? 0 : stage.looped(),
                        stage.share() == null ? 0 : stage.share(),
                        Boolean.TRUE.equals(stage.waits()));
    }
}
