package glimble.server.air;

import java.util.List;

/**
 * What would be on air if something were taken now, worked out beforehand.
 *
 * @param covers sentences on letters that nobody could read then, since something stands over them
 */
record Ahead(AirState state, List<String> covers) {}
