package glimble.cases;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/**
 * A set of combinations: of each dimension some of its kinds. Combinations are all ways to take one kind of each.
 *
 * @param sides numbers of the kinds, a set for each dimension
 */
record Region(List<BitSet> sides) {

    boolean isEmpty() {
        return sides.stream().anyMatch(BitSet::isEmpty);
    }

    Region and(Region other) {
        List<BitSet> both = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            BitSet side = (BitSet) sides.get(i).clone();
            side.and(other.sides.get(i));
            both.add(side);
        }
        return new Region(both);
    }

    /** What is in this one but not in the other, as regions that have nothing in common. */
    List<Region> minus(Region other) {
        List<Region> left = new ArrayList<>();
        if (and(other).isEmpty()) {
            left.add(this);
            return left;
        }
        List<BitSet> inner = new ArrayList<>(sides);
        for (int i = 0; i < sides.size(); i++) {
            BitSet beyond = (BitSet) sides.get(i).clone();
            beyond.andNot(other.sides.get(i));
            if (!beyond.isEmpty()) {
                List<BitSet> piece = new ArrayList<>(inner);
                piece.set(i, beyond);
                left.add(new Region(piece));
            }
            BitSet within = (BitSet) sides.get(i).clone();
            within.and(other.sides.get(i));
            inner.set(i, within);
        }
        return left;
    }

    long size() {
        long size = 1;
        for (BitSet side : sides) size = Math.min(Long.MAX_VALUE / 4096, size * side.cardinality());
        return size;
    }

    /** One kind of each dimension: the first that is in it. */
    int[] first() {
        return sides.stream().mapToInt(side -> side.nextSetBit(0)).toArray();
    }

    /** Every combination in it. */
    List<int[]> all() {
        List<int[]> all = new ArrayList<>();
        add(all, new int[sides.size()], 0);
        return all;
    }

    private void add(List<int[]> all, int[] taken, int dimension) {
        if (dimension == sides.size()) {
            all.add(taken.clone());
            return;
        }
        BitSet side = sides.get(dimension);
        for (int kind = side.nextSetBit(0); kind >= 0; kind = side.nextSetBit(kind + 1)) {
            taken[dimension] = kind;
            add(all, taken, dimension + 1);
        }
    }
}
