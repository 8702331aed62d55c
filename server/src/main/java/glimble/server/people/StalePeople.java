package glimble.server.people;

/** A save was based on people that are no longer the current ones. */
public class StalePeople extends RuntimeException {
    StalePeople(int basedOn, int current) {
        super("Your change is based on revision " + basedOn + " of the people; revision " + current
                + " has been saved since. Nothing was overwritten; load them again.");
    }
}
