package glimble.graphic;

import java.util.List;

/**
 * A row of the case table: which variants are played for which values.
 *
 * @param name what people call it
 * @param when conditions that must all hold; without any it answers whatever comes
 * @param played what is played then
 * @param alone whether no other case is meant to fit the same values
 */
public record Case(String name, List<Condition> when, Played played, boolean alone) {

    public Case {
        when = List.copyOf(when);
    }
}
