package glimble.server.cues;

import glimble.cue.CueCheck;
import glimble.document.Problem;
import glimble.graphic.Dial;
import glimble.graphic.Graphic;
import glimble.rest.Pictures;
import glimble.server.house.HouseStore;
import glimble.server.problems.Refused;
import glimble.text.Typesetter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What keeps a graphic from being filled, with the colours and pictures that the house has now. */
@Component
public class FillingCheck {
    private final HouseStore house;
    private final Pictures pictures;
    private final Typesetter typesetter;

    public FillingCheck(HouseStore house, Pictures pictures, Typesetter typesetter) {
        this.house = house;
        this.pictures = pictures;
        this.typesetter = typesetter;
    }

    /** In the order of the form. */
    public List<CueCheck.Wrong> wrong(Graphic graphic, Map<String, String> values) {
        return CueCheck.wrong(graphic, values, known(), typesetter.writing());
    }

    /** @throws Refused with all that keeps a graphic from being filled, members that it does not have included */
    public void refuseUnfillable(Graphic graphic, Map<String, String> values, Map<String, String> dials) {
        List<Problem> problems = new ArrayList<>();
        for (String key : values.keySet()) {
            if (graphic.field(key).isPresent()) continue;
            problems.add(new Problem("$.filling.values." + key, "is no field of " + graphic.name()));
        }
        Set<String> offered = graphic.dials().stream().map(Dial::key).collect(Collectors.toSet());
        for (String key : dials.keySet()) {
            if (offered.contains(key)) continue;
            problems.add(new Problem("$.filling.dials." + key, "is no dial of " + graphic.name()));
        }
        if (!problems.isEmpty()) throw new Refused(problems);
        List<CueCheck.Wrong> wrong = new ArrayList<>(wrong(graphic, values));
        wrong.addAll(CueCheck.wrongDials(graphic, dials));
        if (wrong.isEmpty()) return;
        for (CueCheck.Wrong one : wrong) {
            problems.add(new Problem("$.filling." + (one.dial() ? "dials." : "values.") + one.field(), one.sentence()));
        }
        throw Refused.saying("Not done: " + wrong.get(0).said(graphic), problems);
    }

    CueCheck.House known() {
        return new CueCheck.House(house.palette(), pictures);
    }
}
