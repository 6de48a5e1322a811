package kwibbet.app.card;

import java.util.List;

import kwibbet.app.web.Entries;
import kwibbet.app.web.Markup;
import kwibbet.card.Craft;
import kwibbet.card.Parameter;
import kwibbet.card.Settings;
import kwibbet.measure.MeasureSystem;

/**
 * A form field for one parameter.
 *
 * @param name its name in the form
 * @param label what makers call it
 * @param help one sentence
 * @param value what it holds
 * @param unit the unit of a length; empty for anything else
 * @param choices the ways to choose; empty for a length or a count
 */
public record Field(String name, String label, String help, String value, String unit, List<Parameter.Choice> choices) {

    private static final int MOST_SIDE_BY_SIDE = 2;

    /** Copies the choices. */
    public Field {
        choices = List.copyOf(choices);
    }

    /** The fields of what has a meaning as the rest is set. */
    static List<Field> of(Craft craft, Settings settings, Entries entries, MeasureSystem system, OwnThings own) {
        return craft.asked(chosen(craft, settings, entries)).stream()
                .map(parameter -> parameter instanceof Parameter.OfChoice choice
                        ? of(choice, settings, entries, own)
                        : of(parameter, settings, system))
                .toList();
    }

    /** The settings with what was chosen in a form that was refused, so that what the choice asks for can be entered. */
    private static Settings chosen(Craft craft, Settings settings, Entries entries) {
        Settings chosen = settings;
        for (Parameter parameter : craft.parameters()) {
            if (parameter instanceof Parameter.OfChoice choice) {
                String way = entries.shown(choice.key(), settings.choice(choice));
                chosen = choice.allows(way, settings) ? chosen.with(choice, way) : chosen;
            } else if (parameter instanceof Parameter.OfCount count && entries.isCount(count.key())) {
                chosen = chosen.with(count, Integer.parseInt(entries.shown(count.key(), "0")));
            }
        }
        return chosen;
    }

    private static Field of(Parameter.OfChoice choice, Settings settings, Entries entries, OwnThings own) {
        String value = entries.shown(choice.key(), settings.choice(choice));
        List<Parameter.Choice> ways = OwnChoice.ways(choice, settings, own);
        return new Field(choice.key(), choice.label(), choice.sentence(), value, "", ways);
    }

    private static Field of(Parameter parameter, Settings settings, MeasureSystem system) {
        String key = parameter.key();
        if (parameter instanceof Parameter.OfLength length) {
            String value = Markup.field(settings.length(length), system);
            return new Field(key, length.label(), length.sentence(), value, system.symbol(), List.of());
        }
        Parameter.OfCount count = (Parameter.OfCount) parameter;
        String value = String.valueOf(settings.count(count));
        return new Field(key, count.label(), count.sentence(), value, "", List.of());
    }

    /** Whether it is written in rather than chosen. */
    public boolean isEntry() {
        return choices.isEmpty();
    }

    /** Whether its choices stand side by side rather than in a list. */
    public boolean isSideBySide() {
        return choices.size() <= MOST_SIDE_BY_SIDE;
    }
}
