package glimble.reel;

import glimble.graphic.Graphic;
import glimble.graphic.Move;
import glimble.graphic.Phase;
import glimble.graphic.PhaseName;
import glimble.motion.MoveCurve;
import java.util.ArrayList;
import java.util.List;

/**
 * The curve of a move, for whoever draws it; the same for all values.
 *
 * @param near how near to rest it is at equal steps of its time: 0 away, 1 at rest
 */
public record DrawnCurve(PhaseName phase, String move, double[] near) {
    private static final int STEPS = 40;

    /** Those of all moves. An out that is the in backwards has the curves of the in, backwards. */
    public static List<DrawnCurve> of(Graphic graphic) {
        List<DrawnCurve> curves = new ArrayList<>();
        for (PhaseName name : PhaseName.values()) {
            Phase phase = graphic.phase(name);
            for (Move move : phase.moves()) curves.add(new DrawnCurve(name, move.key(), near(phase, move, false)));
        }
        if (graphic.out().mirrorsIn()) {
            for (Move move : graphic.in().moves()) {
                curves.add(new DrawnCurve(PhaseName.OUT, move.key(), near(graphic.in(), move, true)));
            }
        }
        return curves;
    }

    private static double[] near(Phase phase, Move move, boolean backwards) {
        MoveCurve curve = new MoveCurve(phase, move);
        double[] near = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            double passed = (backwards ? STEPS - i : i) / (double) STEPS;
            near[i] = Rounding.px(curve.applyAsDouble(passed));
        }
        return near;
    }
}
