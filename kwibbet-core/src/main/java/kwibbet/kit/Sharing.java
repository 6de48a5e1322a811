package kwibbet.kit;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

import kwibbet.making.Making;
import kwibbet.making.Operation;
import kwibbet.making.Station;

/**
 * Who does what, as the maker said.
 *
 * @param rules who does all that is done at a station; where nothing is said, learners do
 * @param steps who does a step of a card, whatever its station's rule says, by card and step
 */
public record Sharing(Map<Station, Who> rules, Map<StepOf, Who> steps) {

    /** Learners do everything. */
    public static final Sharing NONE = new Sharing(Map.of(), Map.of());

    /**
     * A step of a card.
     *
     * @param card the id of the card
     * @param step the id of what is done
     */
    public record StepOf(String card, String step) {}

    /** Copies what was said. */
    public Sharing {
        rules = Map.copyOf(rules);
        steps = Map.copyOf(steps);
    }

    /** Who is to do a step. */
    Who of(String card, Making.Told step) {
        for (Operation each : step.steps()) {
            Optional<Who> said = Optional.ofNullable(steps.get(new StepOf(card, each.id())));
            if (said.isPresent()) {
                return said.get();
            }
        }
        return rule(step.first().station());
    }

    /** Who does what is done at a station. */
    public Who rule(Station station) {
        return Optional.ofNullable(rules.get(station)).orElse(Who.LEARNER);
    }

    /** The same with a rule for a station; what was said of its steps one by one stays. */
    public Sharing with(Station station, Who who) {
        Map<Station, Who> more = new EnumMap<>(Station.class);
        more.putAll(rules);
        more.put(station, who);
        return new Sharing(more, steps);
    }

    /** The same with somebody who does a step. */
    public Sharing with(StepOf step, Who who) {
        Map<StepOf, Who> more = new HashMap<>(steps);
        more.put(step, who);
        return new Sharing(rules, more);
    }
}
