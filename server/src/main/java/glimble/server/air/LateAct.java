package glimble.server.air;

/** An act that came later than it was meant for. */
public class LateAct extends RuntimeException {
    LateAct() {
        super("Not done: it came too late. Look how things stand, and press again if you still want it.");
    }
}
