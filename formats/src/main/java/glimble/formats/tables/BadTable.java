package glimble.formats.tables;

/** Why something is no table, for people, with a way out. */
public final class BadTable extends Exception {
    public BadTable(String sentence) {
        super(sentence);
    }
}
