package glimble.standins;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A heat that never was: five flyers, three runs each, one run after the other. */
final class Heat {
    static final String NAME = "Fighter kites · heat 5 of 11";
    private static final List<String> FLYERS =
            List.of("Oona Varga", "Tiago Brandão-Escarpa", "Wu", "Ștefan Ițcu", "Ingeborg Halvorsen");
    /** Tenths of points, by flyer and run. */
    private static final int[][] RUNS = {
        {312, 298, 335}, {305, 321, 294}, {288, 330, 317}, {270, 301, 340}, {322, 275, 309}
    };

    static final int ROUNDS = 15;

    private Heat() {}

    /** @param score as a board shows it; blank before the first run */
    record Row(int place, String name, String score) {}

    /**
     * Who leads after so many runs, first one first; whoever has not flown comes last, in the order of the start.
     *
     * @param runs flown so far by all of them, 0–15
     */
    static List<Row> after(int runs) {
        record Total(int flyer, int tenths) {}
        List<Total> totals = new ArrayList<>();
        for (int flyer = 0; flyer < FLYERS.size(); flyer++) {
            int tenths = 0;
            for (int run = 0; run < RUNS[flyer].length; run++) {
                if (run * FLYERS.size() + flyer < runs) tenths += RUNS[flyer][run];
            }
            totals.add(new Total(flyer, tenths));
        }
        totals.sort(Comparator.comparingInt(total -> -total.tenths()));
        List<Row> rows = new ArrayList<>();
        for (Total total : totals) {
            String score = total.tenths() == 0 ? "" : total.tenths() / 10 + "." + total.tenths() % 10;
            rows.add(new Row(rows.size() + 1, FLYERS.get(total.flyer()), score));
        }
        return rows;
    }
}
