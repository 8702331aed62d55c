package glimble.handover;

import glimble.formats.JsonTree;
import glimble.paint.CarriedReel;
import glimble.paint.PictureSource;
import glimble.paint.VectorAnimation;
import glimble.paint.VectorAnimation.At;
import glimble.paint.VectorAnimation.Marker;
import glimble.reel.Playback;
import glimble.typeset.JdkTypesetter;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;

/** A filled graphic as a vector animation, with a marker for each phase; that of the loop marks one round of it. */
final class VectorForm {
    private VectorForm() {}

    /** @throws IOException if nothing is ever seen of it: the format asks for a layer at least */
    static String of(String name, Played played, JdkTypesetter typesetter, PictureSource pictures) throws IOException {
        List<At> frames = new ArrayList<>();
        for (int i = 0; i < played.length(); i++) {
            Played.Moment moment = played.at(i);
            frames.add(new At(moment.phase(), moment.frame()));
        }
        List<Marker> markers = new ArrayList<>();
        for (Playback.Run run : played.runs()) {
            boolean loops = run.state() == Playback.State.LOOP;
            String phase = run.state().name().toLowerCase(Locale.ROOT);
            markers.add(new Marker(phase, run.first(), loops ? run.round() : run.length()));
        }
        JsonNode animation = JsonTree.to(
                VectorAnimation.of(CarriedReel.of(played.reel()), name, frames, markers, typesetter, pictures));
        if (animation.path("layers").isEmpty()) {
            throw new IOException(
                    "A vector animation would show nothing of it, and has to have a layer at least. Fill a field in, or hand it over as frames or video.");
        }
        return animation.toString();
    }
}
