package glimble.formats.pictures;

/** A picture that cannot be taken. The message is for people: why, and what to do. */
public class BadPicture extends Exception {
    public BadPicture(String sentence) {
        super(sentence);
    }
}
