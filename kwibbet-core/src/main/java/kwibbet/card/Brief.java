package kwibbet.card;

import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.measure.Figure;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outline.OwnShape;
import kwibbet.paper.PaperId;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;

/**
 * What a maker asks of a base or a feature.
 *
 * @param settings its parameters
 * @param papers the papers chosen, by the key of their slot
 * @param system the system figures are said in
 * @param materials what thickness and roundings are worked out from
 */
public record Brief(Settings settings, Map<String, PaperId> papers, MeasureSystem system, Materials materials) {

    /** Copies the papers. */
    public Brief {
        papers = Map.copyOf(papers);
    }

    /** The length set. */
    public Length length(Parameter.OfLength parameter) {
        return settings.length(parameter);
    }

    /** The key of the choice made. */
    public String choice(Parameter.OfChoice parameter) {
        return settings.choice(parameter);
    }

    /** Whether a choice was made. */
    public boolean is(Parameter.OfChoice parameter, String choice) {
        return settings.choice(parameter).equals(choice);
    }

    /** What is cut to: the maker's own outline where one is chosen, otherwise the shape of the trade whose key is the choice. */
    public Look look(Parameter.OfChoice parameter) {
        Optional<OwnShape> own = settings.outline(parameter);
        if (own.isPresent()) {
            return own.get();
        }
        String chosen = settings.choice(parameter);
        return Stream.of(CutShape.Kind.values())
                .filter(kind -> Parameter.Choice.of(kind).key().equals(chosen))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("“" + chosen + "” is no shape of the trade"));
    }

    /** The count set. */
    public int count(Parameter.OfCount parameter) {
        return settings.count(parameter);
    }

    /** What a slot is cut from. */
    public PaperId paper(PaperSlot slot) {
        return materials.paper(slot, papers);
    }

    /** The thickness of what a slot is cut from. */
    public Length caliper(PaperSlot slot) {
        return materials.caliper(paper(slot));
    }

    /** A length as it is said to the maker. */
    public Figure figure(Length length) {
        return Figure.of(length, system);
    }
}
