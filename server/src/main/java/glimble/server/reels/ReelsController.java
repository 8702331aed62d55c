package glimble.server.reels;

import glimble.cases.Answered;
import glimble.cases.CaseTable;
import glimble.cases.Variants;
import glimble.document.Limits;
import glimble.edit.Coloured;
import glimble.edit.Gestures;
import glimble.graphic.Condition;
import glimble.graphic.Graphic;
import glimble.graphic.Palette;
import glimble.graphic.Part;
import glimble.graphic.Played;
import glimble.proof.RestFaults;
import glimble.reel.Bar;
import glimble.reel.DrawnCurve;
import glimble.reel.EarlyOut;
import glimble.reel.Effort;
import glimble.reel.PhaseName;
import glimble.reel.Playback;
import glimble.reel.Reel;
import glimble.reel.ReelMaker;
import glimble.reel.WorkedOut;
import glimble.rest.Note;
import glimble.rest.PartRest;
import glimble.rest.Pictures;
import glimble.rest.ReckoningWords;
import glimble.rest.Rect;
import glimble.rest.Rest;
import glimble.rest.RestWords;
import glimble.server.graphics.DocumentReader;
import glimble.server.house.HouseStore;
import glimble.server.problems.Refused;
import glimble.text.Typesetter;
import io.swagger.v3.oas.annotations.media.Schema;
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
    private static final int MOST_VALUES = 64;

    private final DocumentReader documents;
    private final Typesetter typesetter;
    private final HouseStore house;
    private final Pictures pictures;

    ReelsController(DocumentReader documents, Typesetter typesetter, HouseStore house, Pictures pictures) {
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
     */
    record ReelsRequest(
            @Schema(ref = "#/components/schemas/Graphic") JsonNode document,
            List<Map<String, String>> values,
            Integer length,
            Leaves leaves,
            Condition.Standing onAir,
            Played played) {}

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
     */
    record ReelsAnswer(List<WorkedOutAnswer> worked, List<DrawnCurve> curves) {}

    /**
     * @param notes what is wrong with the rest picture, a note for each part and fault
     * @param answer which case answers
     * @param played the variants that are played
     * @param curves of the moves where variants are played; none where the curves of all are right
     */
    record WorkedOutAnswer(
            Reel reel,
            List<RestAnswer> rest,
            List<Note> notes,
            List<Bar> bars,
            List<Playback.Stretch> whole,
            CaseTable.Answer answer,
            Played played,
            List<DrawnCurve> curves) {}

    /**
     * A part at rest.
     *
     * @param at missing if the part is absent for these values
     * @param brief its leading relation in a few words
     * @param relations a sentence for each of its relations
     * @param why how x, y, width and height came about, a line each; missing if the part is absent
     * @param gestures names of the ready sets of moves it can make
     */
    record RestAnswer(
            String part,
            String kind,
            boolean present,
            Optional<Rect> at,
            String brief,
            List<String> relations,
            Optional<List<String>> why,
            List<String> gestures) {}

    @PostMapping("/api/reels")
    ReelsAnswer work(@RequestBody ReelsRequest request) {
        Graphic designed = house.framed(documents.read(request.document()));
        Palette palette = house.palette();
        List<Map<String, String>> fillings = checked(request.values());
        List<Answered> answered = new ArrayList<>();
        long effort = 0;
        for (Map<String, String> values : fillings) {
            Played forced = answered.isEmpty() ? request.played() : null;
            Answered of = answered(designed, values, request.onAir(), forced);
            effort += Effort.of(of.graphic(), values);
            answered.add(of);
        }
        if (effort > Effort.MOST) {
            throw new Refused("$.values", "make too much to work out at once; send fewer or shorter ones");
        }
        List<WorkedOutAnswer> worked = new ArrayList<>();
        for (int i = 0; i < fillings.size(); i++) {
            worked.add(work(answered.get(i), palette, fillings.get(i), request));
        }
        return new ReelsAnswer(worked, DrawnCurve.of(designed));
    }

    private Answered answered(Graphic designed, Map<String, String> values, Condition.Standing onAir, Played forced) {
        Condition.Standing standing = onAir == null ? Condition.Standing.NOTHING : onAir;
        Answered answered = Answered.of(designed, values, standing, typesetter, pictures);
        if (forced == null) return answered;
        for (String name : forced.names()) {
            if (name == null) throw new Refused("$.played", "must name in, loop and out; '' for the phase itself");
        }
        return new Answered(Variants.played(designed, forced), answered.answer().playing(forced));
    }

    private static List<Map<String, String>> checked(List<Map<String, String>> fillings) {
        if (fillings == null) throw new Refused("$.values", "is missing; send a list with one object a filling");
        if (fillings.size() > MOST_VALUES) {
            throw new Refused(
                    "$.values", "has " + fillings.size() + " entries; at most " + MOST_VALUES + " are allowed");
        }
        for (int i = 0; i < fillings.size(); i++) {
            String path = "$.values[" + i + "]";
            if (fillings.get(i) == null) throw new Refused(path, "must be an object of texts");
            fillings.get(i).forEach((field, text) -> {
                if (text == null) throw new Refused(path + "." + field, "must be a text, not null");
                if (text.length() > Limits.TEXT) {
                    throw new Refused(path + "." + field, "has more than " + Limits.TEXT + " characters");
                }
            });
        }
        return fillings;
    }

    private WorkedOutAnswer work(Answered answered, Palette palette, Map<String, String> values, ReelsRequest request) {
        Graphic designed = answered.graphic();
        Graphic graphic = Coloured.of(designed, palette, values);
        List<Note> notes = new ArrayList<>(Coloured.missing(designed, palette, values));
        WorkedOut worked = ReelMaker.make(graphic, values, typesetter, pictures, length(graphic, request));
        Reel reel = request.leaves() == null
                ? worked.reel()
                : EarlyOut.of(
                        worked.reel(),
                        request.leaves().phase(),
                        request.leaves().frame(),
                        request.leaves().looped() == null ? 0 : request.leaves().looped(),
                        request.leaves().share() == null ? 0 : request.leaves().share());
        notes.addAll(RestFaults.of(graphic, worked.rest()));
        notes.addAll(worked.notes());
        if (answered.answer().missing()) notes.add(new Note("", "no case answers these values"));
        Played played = answered.answer().played();
        List<DrawnCurve> curves = played.equals(Played.PLAIN) ? List.of() : DrawnCurve.of(designed);
        List<RestAnswer> rest = new ArrayList<>();
        for (Part part : graphic.parts()) rest.add(rest(part, worked.rest()));
        return new WorkedOutAnswer(reel, rest, notes, worked.bars(), worked.whole(), answered.answer(), played, curves);
    }

    private static int length(Graphic graphic, ReelsRequest request) {
        if (request.length() == null) return graphic.frame().length();
        if (request.length() < 1 || request.length() > Limits.FRAMES) {
            throw new Refused("$.length", "must be from 1 to " + Limits.FRAMES + " frames");
        }
        return request.length();
    }

    private static RestAnswer rest(Part part, Rest rest) {
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
                Gestures.of(part));
    }
}
