package kwibbet.formats.document;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.layout.Thrift;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.paper.PaperShelf;
import kwibbet.tool.Toolbox;

import static kwibbet.formats.document.ShelfDocument.one;
import static kwibbet.formats.json.Misfit.require;

/**
 * A request for the plan of a run, as {@code docs/formats.md} describes it.
 *
 * @param lines the designs, each with how many are made
 * @param thrift what is spared
 * @param shelf the papers and leftovers
 * @param tools the tools
 * @param time how long to look
 */
public record PlanRequest(List<Line> lines, Thrift thrift, PaperShelf shelf, Toolbox tools, Duration time) {

    /**
     * A card of it.
     *
     * @param design the card
     * @param copies how many are made
     */
    public record Line(Design design, Copies copies) {}

    private static final int LARGEST = 4_000_000;
    private static final int MOST_LINES = 50;
    private static final int MOST_CARDS = 1_000_000;
    private static final double LONGEST_SEARCH = 60;

    /** Copies the list. */
    public PlanRequest {
        lines = List.copyOf(lines);
    }

    /**
     * Reads a request, or says what is wrong with it and where.
     *
     * @param text the request
     * @param shelf the papers where it names none
     * @param tools the tools where it names none
     */
    public static Outcome<PlanRequest> read(String text, PaperShelf shelf, Toolbox tools) {
        return Reading.of(text, LARGEST, document -> request(document, shelf, tools));
    }

    private static PlanRequest request(Reading document, PaperShelf shelf, Toolbox tools) {
        MeasureSystem system = document.at("unit").system();
        List<Line> lines = new ArrayList<>();
        for (Reading line : document.at("lines").elements(MOST_LINES)) {
            lines.add(line(line));
        }
        require(!lines.isEmpty(), "/lines", "A run is of at least one card.");
        Reading papers = document.at("papers");
        double seconds =
                document.at("budget").isMissing() ? 2 : document.at("budget").number(0, LONGEST_SEARCH);
        return new PlanRequest(
                lines,
                one(document.at("thrift"), Thrift.FEWEST_SHEETS, Thrift.values()),
                papers.isMissing() ? shelf : ShelfDocument.read(papers, document.at("leftovers"), system),
                ToolsDocument.read(document.at("tools"), tools, system),
                Duration.ofMillis(Math.round(1_000 * seconds)));
    }

    /** Reads a design and how many are made of it. */
    static Line line(Reading line) {
        Reading spares = line.at("spares");
        Copies copies = new Copies(
                line.at("copies").isMissing() ? 1 : (int) line.at("copies").whole(-MOST_CARDS, MOST_CARDS),
                spares.isMissing() ? 0 : (int) spares.whole(-MOST_CARDS, MOST_CARDS));
        for (Refusal reason : copies.checked().reasons()) {
            String field = reason.field().equals("make") ? "copies" : reason.field();
            throw new Misfit(line.at(field).pointer(), reason.message());
        }
        return new Line(RunDocument.design(line.at("design")).design(), copies);
    }
}
