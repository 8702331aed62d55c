package glimble.server.house;

/** A revision of the house style as the database keeps it; {@code document} is JSON. */
public record StoredHouse(int revision, String document) {}
