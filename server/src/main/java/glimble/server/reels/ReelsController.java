package glimble.server.reels;

import glimble.budget.Budget;
import glimble.budget.Effort;
import glimble.cases.Answered;
import glimble.cases.CaseEffort;
import glimble.cases.CaseTable;
import glimble.cases.Exchange;
import glimble.cases.Variants;
import glimble.cases.Widths;
import glimble.change.Shown;
import glimble.change.Take;
import glimble.document.Dialled;
import glimble.document.GraphicWriter;
import glimble.edit.Coloured;
import glimble.edit.Gestures;
import glimble.edit.LoopGestures;
import glimble.edit.SwapGestures;
import glimble.formats.JsonTree;
import glimble.graphic.Condition;
import glimble.graphic.Frame;
import glimble.graphic.Graphic;
import glimble.graphic.Limits;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.PhaseName;
import glimble.graphic.Played;
import glimble.graphic.RibbonPart;
import glimble.proof.RestFaults;
import glimble.reel.Bar;
import glimble.reel.DrawnCurve;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.reel.ReelEffort;
import glimble.reel.WorkedOut;
import glimble.rest.Note;
import glimble.rest.PartRest;
import glimble.rest.Pictures;
import glimble.rest.ReckoningWords;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.rest.RestWords;
import glimble.ribbon.RibbonState;
import glimble.ribbon.Surface;
import glimble.server.graphics.DocumentReader;
import glimble.server.graphics.ValuesReader;
import glimble.server.house.HouseStore;
import glimble.server.problems.Refused;
import glimble.server.work.Clients;
import glimble.server.work.Workroom;
import glimble.spoken.ShownValues;
import glimble.text.Blank;
import glimble.text.Typesetter;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Works graphics out. Keeps nothing, so it can be asked on every keystroke. */
@RestController
class ReelsController {
    private final DocumentReader documents;
    private final Typesetter typesetter;
    private final HouseStore house;
    private final Pictures pictures;
    private final ValuesReader values;
    private final Workroom workroom;
    private final Clients clients;

    ReelsController(
            DocumentReader documents,
            Typesetter typesetter,
            HouseStore house,
            Pictures pictures,
            ValuesReader values,
            Workroom workroom,
            Clients clients) {
        this.clients = clients;
        this.values = values;
        this.workroom = workroom;
        this.pictures = pictures;
        this.documents = documents;
        this.typesetter = typesetter;
        this.house = house;
    }

    /**
     * A document and several fillings of its fields: text by field key.
     *
     * @param length frames from the first of in to the last of out; missing for what the document says
     * @param leaves the moment from which the out begins, if it is not rest
     * @param onAir what is on air when it is taken; missing for nothing
     * @param played of the first filling, the variants to be played whatever the cases say; missing for what they say
     * @param seenAs the variants that stand in the place of their phases in the document; missing if it is the design itself
     * @param dials what is set, by key; missing for as designed
     */
    record ReelsRequest(
            @Schema(ref = "#/components/schemas/Graphic") JsonNode document,
            List<Map<String, String>> values,
            Integer length,
            Leaves leaves,
            Condition.Standing onAir,
            Played played,
            Played seenAs,
            Map<String, String> dials) {}

    /**
     * A frame of in or loop.
     *
     * @param looped at a step, the frame of the loop for what stands already; missing for none
     * @param share how much of that loop is seen, 0–1; missing for nothing of it
     */
    record Leaves(PhaseName phase, int frame, Integer looped, Double share) {}

    /**
     * @param worked one for each filling, in the same order
     * @param curves of the moves, whatever the filling
     * @param colours that the graphic makes, by name, for the first filling
     * @param design the design of a document that was looked at; missing if that was the design itself
     * @param seen the design as it is looked at with what is played for the first filling; missing if that is the design itself
     */
    record ReelsAnswer(
            List<WorkedOutAnswer> worked,
            List<DrawnCurve> curves,
            Map<String, String> colours,
            @Schema(ref = "#/components/schemas/Graphic") Optional<JsonNode> design,
            @Schema(ref = "#/components/schemas/Graphic") Optional<JsonNode> seen) {}

    /**
     * @param notes what is wrong with the rest picture, a note for each part and fault
     * @param answer which case answers
     * @param played the variants that are played
     * @param curves of the moves where variants are played; none where the curves of all are right
     * @param mirrored whether it stands mirrored
     * @param filled what is filled in, for each field in the order of the form
     */
    record WorkedOutAnswer(
            Reel reel,
            List<RestAnswer> rest,
            List<Note> notes,
            List<Bar> bars,
            List<WorkedOut.Spoken> words,
            List<Playback.Run> whole,
            CaseTable.Answer answer,
            Played played,
            List<DrawnCurve> curves,
            boolean mirrored,
            List<Filled> filled) {}

    /**
     * What is filled in a field.
     *
     * @param blank whether nothing of it shows
     * @param letters as people count them
     */
    record Filled(String field, boolean blank, int letters) {}

    /**
     * A part at rest.
     *
     * @param at missing if the part is absent for these values
     * @param brief its leading relation in a few words
     * @param relations a sentence for each of its relations
     * @param why how x, y, width and height came about, a line each; missing if the part is absent
     * @param eased of a ribbon, the share of its bends that is left so that they squeeze no more than they may; missing for anything else
     * @param gestures names of the ready sets of moves it can make in in and out
     * @param loopGestures likewise in the loop
     * @param swapGestures likewise in the swap
     */
    record RestAnswer(
            String part,
            String kind,
            boolean present,
            Optional<Rect> at,
            String brief,
            List<String> relations,
            Optional<List<String>> why,
            Optional<Double> eased,
            List<String> gestures,
            List<String> loopGestures,
            List<String> swapGestures) {}

    @PostMapping("/api/reels")
    ReelsAnswer work(@RequestBody ReelsRequest request, HttpServletRequest http) {
        Graphic read = documents.read(request.document());
        Played seenAs = request.seenAs() == null ? Played.PLAIN : named(request.seenAs(), "$.seenAs");
        Graphic design = Exchange.back(read, seenAs);
        Graphic designed = Dialled.of(house.framed(design), values.checkedDials(request.dials()));
        if (request.played() != null) named(request.played(), "$.played");
        List<Map<String, String>> fillings = values.checked(request.values());
        int length = length(designed, request);
        List<Effort> plain = fillings.stream()
                .map(filling -> ReelEffort.of(designed, filling, length))
                .toList();
        Effort effort = plain.stream().reduce(Effort.NONE, Effort::plus);
        for (Map<String, String> filling : fillings) effort = effort.plus(CaseEffort.ofAnswer(designed, filling));
        return workroom.work(
                effort, "$.values", () -> answer(request, design, designed, plain, seenAs, clients.budget(http)));
    }

    /** @param plain of each filling the effort if no variant is played */
    private ReelsAnswer answer(
            ReelsRequest request, Graphic design, Graphic designed, List<Effort> plain, Played seenAs, Budget budget) {
        Widths widths = Widths.of(designed, typesetter, pictures, budget);
        Palette palette = house.palette();
        List<Answered> answered = new ArrayList<>();
        Effort effort = Effort.NONE;
        for (Map<String, String> values : request.values()) {
            Answered of = answered(designed, values, request, widths, answered.isEmpty());
            Graphic played = of.graphic();
            // What is played may be more than what the design has for its phases.
            effort = effort.plus(
                    played == designed
                            ? plain.get(answered.size())
                            : ReelEffort.of(played, values, length(played, request)));
            answered.add(of);
        }
        budget.allow(effort);
        List<WorkedOutAnswer> worked = new ArrayList<>();
        for (int i = 0; i < answered.size(); i++) {
            worked.add(work(answered.get(i), palette, request.values().get(i), request, budget));
        }
        Played looked =
                answered.isEmpty() ? Played.PLAIN : answered.get(0).answer().played();
        return new ReelsAnswer(
                worked,
                DrawnCurve.of(designed),
                Coloured.made(
                        designed,
                        palette,
                        request.values().isEmpty() ? Map.of() : request.values().get(0)),
                seenAs.equals(Played.PLAIN) ? Optional.empty() : Optional.of(JsonTree.to(GraphicWriter.write(design))),
                looked.equals(Played.PLAIN)
                        ? Optional.empty()
                        : Optional.of(JsonTree.to(GraphicWriter.write(Exchange.of(design, looked)))));
    }

    static Played named(Played played, String path) {
        for (PhaseName phase : PhaseName.values()) {
            if (played.of(phase) == null) {
                throw new Refused(path, "must name in, loop and out; '' for the phase itself");
            }
        }
        return played;
    }

    /** @param first whether it is the filling for which the request may say what is played */
    private Answered answered(
            Graphic designed, Map<String, String> values, ReelsRequest request, Widths widths, boolean first) {
        Condition.Standing standing = request.onAir() == null ? Condition.Standing.NOTHING : request.onAir();
        Answered answered = Answered.of(designed, values, standing, widths);
        if (!first || request.played() == null) return answered;
        Graphic played = Variants.played(designed, request.played());
        // What no case plays together may not go together.
        documents.check(played);
        return new Answered(played, answered.answer().playing(request.played()));
    }

    /** With an out that begins at a moment of the in or of the loop. */
    private static Reel leaving(Take take, Leaves leaves) {
        Shown shown = take.shown(leaves.phase(), leaves.frame());
        if (leaves.looped() == null || leaves.share() == null) return shown.leaving();
        return shown.looping(leaves.looped(), leaves.share(), false).leaving();
    }

    private WorkedOutAnswer work(
            Answered answered, Palette palette, Map<String, String> values, ReelsRequest request, Budget budget) {
        Graphic designed = answered.graphic();
        Graphic graphic = Coloured.of(designed, palette, values);
        List<Note> notes = new ArrayList<>(Coloured.missing(designed, palette, values));
        Take take = Take.of(graphic, values, typesetter, pictures, length(graphic, request), budget);
        WorkedOut worked = take.worked();
        Reel reel = request.leaves() == null ? worked.reel() : leaving(take, request.leaves());
        notes.addAll(RestFaults.of(graphic, worked.rest()));
        notes.addAll(worked.notes());
        if (answered.answer().missing()) notes.add(new Note("", "no case answers these values"));
        Played played = answered.answer().played();
        List<DrawnCurve> curves = played.equals(Played.PLAIN) ? List.of() : DrawnCurve.of(designed);
        List<RestAnswer> rest = new ArrayList<>();
        for (Part part : graphic.parts()) rest.add(rest(part, worked.rest(), graphic));
        return new WorkedOutAnswer(
                reel,
                rest,
                notes,
                worked.bars(),
                worked.words(),
                worked.whole(),
                answered.answer(),
                played,
                curves,
                worked.rest().mirrored(),
                filled(graphic, values));
    }

    private List<Filled> filled(Graphic graphic, Map<String, String> values) {
        return graphic.fields().stream()
                .map(field -> {
                    String text = values.getOrDefault(field.key(), "");
                    int letters = ShownValues.letters(field, text, typesetter.writing());
                    return new Filled(field.key(), Blank.isBlank(text), letters);
                })
                .toList();
    }

    private static Optional<Double> eased(Part part, PartRest at, boolean mirrored, Frame frame) {
        if (!(part instanceof RibbonPart ribbon)) return Optional.empty();
        Rect straight = at.straight();
        double eye = Surface.eye(frame.width());
        Surface surface =
                Surface.plain(ribbon.form(), mirrored, straight.width(), straight.height(), eye, RibbonState.REST);
        return Optional.of(surface.eased());
    }

    private static int length(Graphic graphic, ReelsRequest request) {
        if (request.length() == null) return graphic.frame().length();
        if (request.length() < 1 || request.length() > Limits.FRAMES) {
            throw new Refused("$.length", "must be from 1 to " + Limits.FRAMES + " frames");
        }
        return request.length();
    }

    private static RestAnswer rest(Part part, Rest rest, Graphic graphic) {
        Optional<PartRest> solved = Optional.ofNullable(rest.parts().get(part.key()));
        return new RestAnswer(
                part.key(),
                part.kind(),
                solved.isPresent(),
                solved.map(PartRest::box),
                RestWords.brief(part),
                RestWords.sentences(part),
                solved.map(at -> List.of(
                        ReckoningWords.of(at.x()),
                        ReckoningWords.of(at.y()),
                        ReckoningWords.of(at.width()),
                        ReckoningWords.of(at.height()))),
                solved.flatMap(at -> eased(part, at, rest.mirrored(), graphic.frame())),
                Gestures.of(part),
                LoopGestures.of(part),
                SwapGestures.of(part));
    }
}
