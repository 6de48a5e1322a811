package kwibbet.formats.document;

import java.util.Optional;

import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.making.Way;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.PaperShelf;
import kwibbet.tool.Toolbox;

/**
 * A request for how a card is made, as {@code docs/formats.md} describes it.
 *
 * @param line the design and how many are made of it
 * @param way how its copies are made
 * @param shelf the papers
 * @param tools the tools
 */
public record MakingRequest(PlanRequest.Line line, Way way, PaperShelf shelf, Toolbox tools) {

    private static final int LARGEST = 4_000_000;

    /**
     * Reads a request, or says what is wrong with it and where.
     *
     * @param text the request
     * @param shelf the papers where it names none
     * @param tools the tools where it names none
     */
    public static Outcome<MakingRequest> read(String text, PaperShelf shelf, Toolbox tools) {
        return Reading.of(text, LARGEST, document -> request(document, shelf, tools));
    }

    private static MakingRequest request(Reading document, PaperShelf shelf, Toolbox tools) {
        MeasureSystem system = document.at("unit").system();
        Reading papers = document.at("papers");
        Reading way = document.at("way");
        Optional<Way> said = way.isMissing() ? Optional.of(Way.ONE) : Way.of(way.text());
        return new MakingRequest(
                PlanRequest.line(document),
                said.orElseThrow(() -> new Misfit(way.pointer(), "It must be “one” or “batch”.")),
                papers.isMissing() ? shelf : ShelfDocument.read(papers, document.at("leftovers"), system),
                ToolsDocument.read(document.at("tools"), tools, system));
    }
}
