package kwibbet.formats.document;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.shape.Size;

import static kwibbet.formats.json.Misfit.require;

/** Papers and leftovers as part of a JSON document: written exactly, and read where most of it may be left out. */
public final class ShelfDocument {

    private static final int MOST = 2_000;
    private static final int MOST_ON_HAND = 1_000_000;
    private static final Length LARGEST_SIDE = Length.ofInches(400);
    private static final Length THICKEST = Length.ofInches(1);
    private static final Length USUAL_CALIPER = Length.ofMillimetres(3, 10);
    private static final int USUAL_WEIGHT = 270;

    private ShelfDocument() {}

    /** Writes the papers and the drawer of a shelf into two lists. */
    public static void write(PaperShelf shelf, ArrayNode papers, ArrayNode leftovers) {
        shelf.papers().forEach(paper -> write(paper, papers.addObject()));
        shelf.drawer().forEach(offcut -> leftovers
                .addObject()
                .put("id", offcut.id().value())
                .put("paper", offcut.paper().value())
                .put("width", offcut.size().width().toString())
                .put("height", offcut.size().height().toString())
                .put("count", offcut.count()));
    }

    private static void write(Paper paper, ObjectNode node) {
        node.put("id", paper.id().value())
                .put("name", paper.name())
                .put("kind", word(paper.kind()))
                .put("width", paper.sheet().width().toString())
                .put("height", paper.sheet().height().toString())
                .put("unit", paper.system() == MeasureSystem.INCH ? "in" : "mm")
                .put("colour", paper.colour().hex())
                .put("pattern", word(paper.pattern()))
                .put("grain", word(paper.grain()))
                .put("weight", paper.gramsPerSquareMetre())
                .put("caliper", paper.caliper().toString())
                .put("onHand", paper.onHand())
                .put("cents", paper.cents())
                .put("margin", paper.margin().toString());
        if (paper.face().isTwoFaced()) {
            node.put("otherFace", paper.face().other().hex());
            node.put("otherPattern", word(paper.face().otherPattern()));
        }
        paper.sizeOf().ifPresent(other -> node.put("sizeOf", other.value()));
    }

    static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * Reads a shelf.
     *
     * @param papers a list of papers
     * @param leftovers a list of leftovers of them; nothing where there are none
     * @param system what numbers without a unit are measured in
     * @throws Misfit when something is not in form
     */
    public static PaperShelf read(Reading papers, Reading leftovers, MeasureSystem system) {
        List<Paper> all = new ArrayList<>();
        Set<PaperId> ids = new HashSet<>();
        for (Reading paper : papers.elements(MOST)) {
            all.add(paper(paper, system));
            require(ids.add(all.get(all.size() - 1).id()), paper.at("id").pointer(), "It stands twice.");
        }
        List<Offcut> drawer = new ArrayList<>();
        if (!leftovers.isMissing()) {
            for (Reading each : leftovers.elements(MOST)) {
                PaperId paper = new PaperId(each.at("paper").text());
                require(ids.contains(paper), each.at("paper").pointer(), "There is no such paper in the list.");
                String id = each.at("id").isMissing()
                        ? "leftover-" + drawer.size()
                        : each.at("id").text();
                int count = (int) each.at("count").whole(1, MOST_ON_HAND);
                drawer.add(new Offcut(new OffcutId(id), paper, size(each, system), count));
            }
        }
        return new PaperShelf(all, drawer);
    }

    private static Size size(Reading at, MeasureSystem system) {
        return new Size(
                at.at("width").positive(system, LARGEST_SIDE), at.at("height").positive(system, LARGEST_SIDE));
    }

    private static Paper.Face face(Reading at, Colour colour) {
        Pattern pattern = one(at.at("pattern"), Pattern.PLAIN, Pattern.values());
        Paper.Face face = new Paper.Face(colour, pattern, colour(at.at("otherFace"), colour));
        return new Paper.Face(
                colour, pattern, face.other(), one(at.at("otherPattern"), face.otherPattern(), Pattern.values()));
    }

    private static Paper paper(Reading at, MeasureSystem system) {
        String id = at.at("id").text();
        Colour colour = colour(at.at("colour"), Colour.WHITE);
        return new Paper(
                new PaperId(id),
                at.at("name").isMissing() ? id : at.at("name").text(),
                one(at.at("kind"), PaperKind.CARD_STOCK, PaperKind.values()),
                new Paper.Format(
                        size(at, system),
                        at.at("unit").isMissing() ? system : at.at("unit").system(),
                        at.at("margin").notNegative(system, LARGEST_SIDE).orElse(Length.ZERO)),
                face(at, colour),
                new Paper.Body(
                        one(at.at("grain"), Grain.UNKNOWN, Grain.values()),
                        at.at("weight").isMissing()
                                ? USUAL_WEIGHT
                                : (int) at.at("weight").whole(1, 10_000),
                        at.at("caliper").isMissing()
                                ? USUAL_CALIPER
                                : at.at("caliper").positive(system, THICKEST)),
                new Paper.Kept(
                        at.at("onHand").isMissing() ? 0 : (int) at.at("onHand").whole(0, MOST_ON_HAND),
                        at.at("cents").isMissing() ? 0 : (int) at.at("cents").whole(0, MOST_ON_HAND)),
                at.at("sizeOf").isMissing()
                        ? Optional.empty()
                        : Optional.of(new PaperId(at.at("sizeOf").text())));
    }

    private static Colour colour(Reading at, Colour otherwise) {
        if (at.isMissing()) {
            return otherwise;
        }
        try {
            return new Colour(at.text());
        } catch (IllegalArgumentException none) {
            throw new Misfit(at.pointer(), "It must be a colour, as “#dcc9a3”.");
        }
    }

    /** One of the values of a kind, by its name in small letters with hyphens. */
    static <T extends Enum<T>> T one(Reading at, T otherwise, T[] values) {
        if (at.isMissing()) {
            return otherwise;
        }
        List<String> words = new ArrayList<>();
        for (T value : values) {
            words.add(word(value));
        }
        return values[words.indexOf(at.oneOf(words.toArray(String[]::new)))];
    }
}
