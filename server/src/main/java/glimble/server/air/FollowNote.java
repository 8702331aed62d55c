package glimble.server.air;

import java.util.Optional;

/**
 * @param feed name of the feed
 * @param fault why what stands is not what it says, a sentence; missing if it is
 */
record FollowNote(String feed, Optional<String> fault) {}
