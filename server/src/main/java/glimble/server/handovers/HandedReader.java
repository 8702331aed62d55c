package glimble.server.handovers;

import glimble.formats.pictures.PictureFile;
import glimble.graphic.Graphic;
import glimble.handover.Handed;
import glimble.server.graphics.Designs;
import glimble.server.house.House;
import glimble.server.house.HouseStore;
import glimble.server.pictures.PictureNote;
import glimble.server.pictures.PictureStore;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** A saved graphic with all it needs of the house as it is now. */
@Component
class HandedReader {
    private final Designs designs;
    private final HouseStore house;
    private final PictureStore pictures;

    HandedReader(Designs designs, HouseStore house, PictureStore pictures) {
        this.designs = designs;
        this.house = house;
        this.pictures = pictures;
    }

    /** @throws glimble.server.problems.NotThere if there is no such graphic or revision */
    Handed of(long graphic, int revision) {
        Graphic designed = designs.of(graphic, revision);
        House now = house.current();
        Map<String, PictureFile> files = new LinkedHashMap<>();
        for (PictureNote note : pictures.all()) {
            byte[] content = pictures.content(note.key()).content();
            // Checked when it was taken in.
            files.put(note.key(), new PictureFile(note.type(), note.width(), note.height(), content, List.of()));
        }
        return new Handed(designed, now.colours(), now.safe(), now.wholePixels(), files)
                .from(new Handed.Origin(house.id(), graphic, revision));
    }
}
