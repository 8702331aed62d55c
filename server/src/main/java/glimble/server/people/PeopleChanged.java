package glimble.server.people;

/** The people of the house are others. */
public record PeopleChanged(int revision) {}
