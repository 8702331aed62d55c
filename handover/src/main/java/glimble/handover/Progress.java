package glimble.handover;

/** Told how far it has come, and asked whether it is still wanted. */
public interface Progress {
    /** For whoever wants all of it and does not watch. */
    Progress NONE = new Progress() {
        @Override
        public void done(int of, int all) {}

        @Override
        public boolean isStopped() {
            return false;
        }
    };

    /** @param all frames or files there are in all */
    void done(int of, int all);

    boolean isStopped();

    /** @throws Stopped if it is not wanted any more */
    default void check() {
        if (isStopped()) throw new Stopped();
    }

    /** It was stopped; what has been written is of no use. */
    final class Stopped extends RuntimeException {}
}
