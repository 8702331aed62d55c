package glimble.graphic;

/** Size and place of a part along one axis. */
public record Span(Size size, Place place) {}
