package kwibbet.formats.document;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.bench.FenceOrders;
import kwibbet.bench.KnownLists;
import kwibbet.bench.RunPlan;
import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.CuttingPlan;
import kwibbet.cutting.PartId;
import kwibbet.formats.cutting.PlanDocument;
import kwibbet.formats.json.ExactLength;
import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.layout.KnownPlans;
import kwibbet.layout.PaperPlan;
import kwibbet.layout.Thrift;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.PaperShelf;
import kwibbet.run.CardRun;
import kwibbet.run.SettledRun;
import kwibbet.tool.Toolbox;

import static kwibbet.formats.document.ShelfDocument.one;
import static kwibbet.formats.document.ShelfDocument.word;

/**
 * A settled run as a JSON document with a version: its cards, papers and tools as they were, what had been cut before, and how its sheets are cut. Read
 * back, it gives the same lists, whatever became of cards, papers and tools since.
 */
public final class RunDocument {

    private static final int VERSION = 1;
    private static final int LARGEST = 20_000_000;
    private static final int MOST_LINES = 200;
    private static final int MOST_PARTS = 100_000;
    private static final int MOST_OF_ONE = 10_000_000;
    private static final String FORMAT = "kwibbet-run";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** What is not said of a tool is as it was before that was asked: a trimmer holds any strip. */
    private static final Toolbox BEFORE = new Toolbox(
            Toolbox.GENERIC.trimmer().holdingAny(),
            Toolbox.GENERIC.board(),
            Toolbox.GENERIC.press(),
            Toolbox.GENERIC.dies(),
            Toolbox.GENERIC.hand());

    private RunDocument() {}

    /**
     * Writes a settled run.
     *
     * @param run the run
     * @param plan its lists
     */
    public static String write(SettledRun run, RunPlan plan) {
        ObjectNode document = JSON.createObjectNode()
                .put("format", FORMAT)
                .put("version", VERSION)
                .put("thrift", word(run.thrift()));
        ArrayNode lines = document.putArray("lines");
        run.lines().forEach(line -> lines.addObject()
                .put("card", line.card())
                .set(
                        "design",
                        JSON.readTree(DesignDocument.write(new CardRun(line.design(), line.copies(), run.thrift())))));
        ShelfDocument.write(run.shelf(), document.putArray("papers"), document.putArray("leftovers"));
        ToolsDocument.write(run.tools(), document.putObject("tools"));
        ObjectNode cut = document.putObject("cut");
        Map<String, Integer> counts = new TreeMap<>();
        run.cut().forEach((part, count) -> counts.put(part.value(), count));
        counts.forEach(cut::put);
        ObjectNode plans = document.putObject("plans");
        for (PaperPlan paper : plan.planned().papers()) {
            plans.set(stock(paper.cutting().job()), JSON.readTree(PlanDocument.write(paper.cutting())));
        }
        FenceOrders orders = plan.bench().trim().orders();
        ObjectNode fence = document.putObject("fence");
        fence.putArray("trimmer")
                .addAll(orders.trimmer().stream().map(ExactLength::of).toList());
        fence.putArray("oldBlade")
                .addAll(orders.oldBlade().stream().map(ExactLength::of).toList());
        return document.toString();
    }

    /** A job is known by the paper it cuts: there is one for each in a run. */
    private static String stock(CuttingJob job) {
        return job.stocks().get(0).id().value();
    }

    /** Reads a settled run, or says what in it is not in form. */
    public static Outcome<SettledRun> read(String text) {
        return Reading.of(text, LARGEST, RunDocument::run);
    }

    private static SettledRun run(Reading document) {
        document.at("format").oneOf(FORMAT);
        document.at("version").whole(VERSION, VERSION);
        List<SettledRun.Line> lines = new ArrayList<>();
        for (Reading line : document.at("lines").elements(MOST_LINES)) {
            CardRun kept = design(line.at("design"));
            lines.add(new SettledRun.Line(line.at("card").text(), kept.design(), kept.copies()));
        }
        Misfit.require(!lines.isEmpty(), "/lines", "A run is of at least one card.");
        PaperShelf shelf = ShelfDocument.read(document.at("papers"), document.at("leftovers"), MeasureSystem.INCH);
        Toolbox tools = ToolsDocument.read(document.at("tools"), BEFORE, MeasureSystem.INCH);
        Map<PartId, Integer> cut = new HashMap<>();
        for (String part : document.at("cut").node().propertyNames()) {
            cut.put(new PartId(part), (int) document.at("cut").at(part).whole(0, MOST_OF_ONE));
        }
        Misfit.require(cut.size() <= MOST_PARTS, "/cut", "Up to " + MOST_PARTS + " are read.");
        Thrift thrift = one(document.at("thrift"), Thrift.FEWEST_SHEETS, Thrift.values());
        KnownPlans sheets = plans(document.at("plans").node());
        return new SettledRun(lines, thrift, shelf, tools, cut, new KnownLists(sheets, orders(document.at("fence"))));
    }

    /** Runs of earlier releases do not say in which order they are cut. */
    private static FenceOrders orders(Reading fence) {
        return fence.isMissing()
                ? FenceOrders.NONE
                : new FenceOrders(settings(fence.at("trimmer")), settings(fence.at("oldBlade")));
    }

    private static List<Length> settings(Reading at) {
        return at.elements(MOST_PARTS).stream().map(ExactLength::read).toList();
    }

    /** A design within another document, with its run. */
    static CardRun design(Reading at) {
        Outcome<CardRun> read = DesignDocument.read(at.node().toString());
        if (read instanceof Outcome.Made<CardRun> made) {
            return made.value();
        }
        throw new Misfit(
                at.pointer() + read.reasons().get(0).field(),
                read.reasons().get(0).message());
    }

    /** A settled run is never planned otherwise than it was: a plan that is missing or does not do its job is a fault. */
    private static KnownPlans plans(JsonNode plans) {
        return job -> {
            String stock = stock(job);
            Outcome<CuttingPlan> read = plans.path(stock).isObject()
                    ? PlanDocument.read(plans.path(stock).toString(), job)
                    : Outcome.refused("/plans", "There is no plan for " + stock + ".");
            if (read instanceof Outcome.Made<CuttingPlan> made) {
                return Optional.of(new KnownPlans.Known(made.value(), true));
            }
            throw new IllegalStateException("the run has no plan for " + stock + ": "
                    + read.reasons().get(0).message());
        };
    }
}
