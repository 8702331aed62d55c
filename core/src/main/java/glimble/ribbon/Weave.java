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
        if (facets.length == 0 || others.length == 0) return new int[0];
        double[][] boxes = new double[others.length][];
        for (int i = 0; i < others.length; i++) boxes[i] = Overlap.around(others[i]);
        double[] all = Overlap.around(boxes, 0, boxes.length - 1);
        int count = 0;
        for (int i = 0; i < facets.length; i++) {
            double[] box = Overlap.around(facets[i]);
            if (!Overlap.meet(box, all)) continue;
            for (int j = 0; j < others.length; j++) {
                if (!Overlap.meet(box, boxes[j]) || Overlap.nearer(facets[i], others[j]) <= 0) continue;
                before[count++] = i;
                break;
            }
        }
        return Arrays.copyOf(before, count);
    }
}
