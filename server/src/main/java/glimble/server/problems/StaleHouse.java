package glimble.server.problems;

/** The house style was saved by somebody else in the meantime. */
public class StaleHouse extends RuntimeException {
    public StaleHouse(int basedOn, int current) {
        super("Your change is based on revision " + basedOn + " of the house style; revision " + current
                + " has been saved since. Nothing was overwritten: load it again and repeat your change.");
    }
}
