package glimble.ribbon;

import java.util.Arrays;

/** Which facets of one ribbon pass before another one, where both are seen one over the other. */
public final class Weave {
    private Weave() {}

    /**
     * @param facets corners in the picture of the facets of a ribbon: x, y and z each
     * @param others those of the other one
     * @return places in the first list of those that are nearer to the eye than something of the other that they are seen over
     */
    public static int[] before(double[][] facets, double[][] others) {
        int[] before = new int[facets.length];
        int count = 0;
        for (int i = 0; i < facets.length; i++) {
            for (double[] other : others) {
                if (!Overlap.mayOverlap(facets[i], other) || Overlap.nearer(facets[i], other) <= 0) continue;
                before[count++] = i;
                break;
            }
        }
        return Arrays.copyOf(before, count);
    }
}
