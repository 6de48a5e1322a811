package kwibbet.app.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;

import kwibbet.card.Craft;
import kwibbet.card.Parameter;

/**
 * A base or a feature as the service describes it.
 *
 * @param key names it in design documents
 * @param title what makers call it
 * @param sentence what it is
 * @param papers the papers it is cut from
 * @param parameters all that can be set
 */
@Schema(name = "Craft", description = "A base or a feature, with all that can be set of it.")
record CraftView(String key, String title, String sentence, List<SlotView> papers, List<ParameterView> parameters) {

    /**
     * A paper it is cut from.
     *
     * @param key names it in design documents
     * @param label what makers call it
     * @param kind what it must be
     */
    @Schema(name = "PaperSlot")
    record SlotView(String key, String label, String kind) {}

    /**
     * Something that can be set.
     *
     * @param key names it in design documents
     * @param label what makers call it
     * @param sentence what it does
     * @param kind whether it is a length, a count or one of several ways
     * @param least the least it may be, included; none for a choice
     * @param most the most it may be, included; none for a choice
     * @param preset what it is until it is set
     * @param choices the ways to choose; none for a length or a count
     */
    @Schema(name = "Parameter")
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    record ParameterView(
            String key,
            String label,
            String sentence,
            @Schema(allowableValues = {"length", "count", "choice"}) String kind,
            @Schema(example = "1/8 in") String least,
            @Schema(example = "24 in") String most,
            @Schema(example = "5 in") String preset,
            List<Parameter.Choice> choices) {

        static ParameterView of(Parameter parameter) {
            String kind = kind(parameter);
            if (parameter instanceof Parameter.OfLength length) {
                return new ParameterView(
                        length.key(),
                        length.label(),
                        length.sentence(),
                        kind,
                        length.least().toString(),
                        length.most().toString(),
                        length.preset().toString(),
                        List.of());
            }
            if (parameter instanceof Parameter.OfCount count) {
                return new ParameterView(
                        count.key(),
                        count.label(),
                        count.sentence(),
                        kind,
                        String.valueOf(count.least()),
                        String.valueOf(count.most()),
                        String.valueOf(count.preset()),
                        List.of());
            }
            Parameter.OfChoice choice = (Parameter.OfChoice) parameter;
            return new ParameterView(
                    choice.key(),
                    choice.label(),
                    choice.sentence(),
                    kind,
                    "",
                    "",
                    choice.choices().get(0).key(),
                    ways(choice));
        }

        private static List<Parameter.Choice> ways(Parameter.OfChoice choice) {
            List<Parameter.Choice> ways = new ArrayList<>(choice.choices());
            if (choice.takesOutline()) {
                ways.add(new Parameter.Choice(Parameter.OfChoice.OWN, "an outline of your own, given under outlines"));
            }
            if (choice.takesArtwork()) {
                ways.add(new Parameter.Choice(Parameter.OfChoice.OWN, "a picture of your own, given under pictures"));
            }
            return ways;
        }

        private static String kind(Parameter parameter) {
            return parameter instanceof Parameter.OfLength
                    ? "length"
                    : parameter instanceof Parameter.OfCount ? "count" : "choice";
        }
    }

    static CraftView of(Craft craft) {
        return new CraftView(
                craft.key(),
                craft.title(),
                craft.sentence(),
                craft.papers().stream()
                        .map(slot -> new SlotView(
                                slot.key(), slot.label(), slot.kind().name().toLowerCase(Locale.ROOT)))
                        .toList(),
                craft.parameters().stream().map(ParameterView::of).toList());
    }
}
