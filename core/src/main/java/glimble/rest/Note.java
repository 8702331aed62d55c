package glimble.rest;

/**
 * Something about a rest picture that people should know, such as rows that exceed their stack.
 *
 * @param part key of the part it is about
 * @param sentence what is wrong, with numbers
 */
public record Note(String part, String sentence) {}
