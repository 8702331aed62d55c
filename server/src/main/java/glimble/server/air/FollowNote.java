package glimble.server.air;

import java.util.Optional;

/**
 * @param feed name of the feed
 * @param fault why what stands is not what it says, a sentence; missing if it is
 * @param readAt when it was read last, ms since 1970; missing if it is not known, and where there is no fault
 */
record FollowNote(String feed, Optional<String> fault, Optional<Long> readAt) {}
