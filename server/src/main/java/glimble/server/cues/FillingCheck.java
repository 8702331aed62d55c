package glimble.server.cues;

import glimble.cue.CueCheck;
import glimble.graphic.Graphic;
import glimble.rest.Pictures;
import glimble.server.house.HouseStore;
import glimble.text.Typesetter;
import java.util.List;
import java.util.Map;
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

    CueCheck.House known() {
        return new CueCheck.House(house.palette(), pictures);
    }
}
