package glimble.server.air;

import java.util.Map;

/**
 * What is on air, for people and for screens.
 *
 * @param graphic id
 * @param name of the graphic
 * @param length frames from its in to the end of its out, where that is set; missing where it stands until it is taken out
 * @param values text by field key
 * @param dials what is set, by key
 * @param house revision of the house with which it is drawn
 * @param sheet of the cue it is; missing if it is none
 * @param cue id of it
 * @param number of it
 */
record Shows(
        long graphic,
        int revision,
        String name,
        Integer length,
        Map<String, String> values,
        Map<String, String> dials,
        int house,
        Long sheet,
        String cue,
        String number) {}
