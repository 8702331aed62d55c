package glimble.server.house;

/** The house style was saved; told in the same transaction. */
public record HouseChanged(House before, House after) {}
