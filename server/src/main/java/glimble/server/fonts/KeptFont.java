package glimble.server.fonts;

/**
 * That there is a font of the house.
 *
 * @param key how documents name it
 * @param name for people
 */
record KeptFont(String key, String name, boolean removed) {}
