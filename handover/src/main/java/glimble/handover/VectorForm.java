package glimble.handover;

import glimble.formats.JsonTree;
import glimble.paint.CarriedReel;
import glimble.paint.PictureSource;
import glimble.paint.VectorAnimation;
import glimble.paint.VectorAnimation.At;
import glimble.paint.VectorAnimation.Marker;
import glimble.reel.Playback;
import glimble.typeset.JdkTypesetter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A filled graphic as a vector animation, with a marker for each phase; that of the loop marks one round of it. */
final class VectorForm {
    private VectorForm() {}

    static String of(String name, Played played, JdkTypesetter typesetter, PictureSource pictures) {
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
        return JsonTree.to(
                        VectorAnimation.of(CarriedReel.of(played.reel()), name, frames, markers, typesetter, pictures))
                .toString();
    }
}
