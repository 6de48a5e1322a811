package kwibbet.formats.cutting;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import kwibbet.cutting.CuttingJob;
import kwibbet.cutting.CuttingPlan;
import kwibbet.cutting.CuttingPlan.Missing;
import kwibbet.cutting.CuttingPlan.Proof;
import kwibbet.cutting.Part;
import kwibbet.cutting.PartId;
import kwibbet.cutting.Section;
import kwibbet.cutting.SheetLayout;
import kwibbet.cutting.Stock;
import kwibbet.formats.json.ExactLength;
import kwibbet.formats.json.Misfit;
import kwibbet.formats.json.Reading;
import kwibbet.measure.Length;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Axis;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

import static kwibbet.formats.json.Misfit.require;

/**
 * A plan of how a job is cut, as a JSON document with a version. It is written for its job, and read for that job only.
 */
public final class PlanDocument {

    private static final int VERSION = 1;
    private static final int LARGEST = 20_000_000;
    private static final int MOST = 1_000_000;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private PlanDocument() {}

    /**
     * What tells a job from every other: the SHA-256 digest (FIPS 180-4) of all that is asked in it, in hexadecimal digits.
     *
     * @param job the job
     */
    public static String keyOf(CuttingJob job) {
        ObjectNode asked = JSON.createObjectNode().put("version", VERSION);
        put(asked, "kerf", job.kerf());
        job.longestCut().ifPresentOrElse(cut -> put(asked, "longest", cut), () -> asked.put("longest", -1L));
        asked.put("aim", job.aim().name());
        put(asked, "keepShort", job.keeping().shortSide());
        put(asked, "keepLong", job.keeping().longSide());
        ArrayNode stocks = asked.putArray("stocks");
        for (Stock stock : job.stocks()) {
            ObjectNode node = stocks.addObject().put("id", stock.id().value());
            put(node, "width", stock.sheet().width());
            put(node, "height", stock.sheet().height());
            node.put("onHand", stock.onHand().orElse(-1))
                    .put("cents", stock.cents())
                    .put("source", stock.source().name());
            put(node, "margin", stock.margin());
            if (!stock.mark().equals(Length.TICK)) {
                put(node, "mark", stock.mark());
            }
        }
        ArrayNode parts = asked.putArray("parts");
        for (Part part : job.parts()) {
            ObjectNode node = parts.addObject().put("id", part.id().value());
            put(node, "width", part.size().width());
            put(node, "height", part.size().height());
            node.put("count", part.count());
            Map<String, String> from = new TreeMap<>();
            part.from().forEach((stock, turning) -> from.put(stock.value(), turning.name()));
            from.forEach(node.putObject("from")::put);
        }
        return digest(JSON.writeValueAsBytes(asked));
    }

    private static void put(ObjectNode node, String field, Length length) {
        node.set(field, ExactLength.of(length));
    }

    private static String digest(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException("every Java has SHA-256", missing);
        }
    }

    /** Writes a plan. */
    public static String write(CuttingPlan plan) {
        ObjectNode document = JSON.createObjectNode()
                .put("version", VERSION)
                .put("sheetsAtLeast", plan.sheetsAtLeast())
                .put("proven", plan.isProven())
                .put("layoutsAtLeast", plan.proof().layouts());
        ArrayNode layouts = document.putArray("layouts");
        for (SheetLayout layout : plan.layouts()) {
            layouts.addObject()
                    .put("stock", layout.stock().value())
                    .put("copies", layout.copies())
                    .set("cut", section(layout.root()));
        }
        ArrayNode missing = document.putArray("missing");
        for (Missing each : plan.missing()) {
            missing.addObject()
                    .put("part", each.part().id().value())
                    .put("count", each.count())
                    .put("reason", each.reason().name());
        }
        return document.toString();
    }

    private static ObjectNode section(Section section) {
        ObjectNode node = JSON.createObjectNode();
        if (section instanceof Section.Split split) {
            node.put("axis", split.axis().name());
            put(node, "at", split.at());
            node.set("first", section(split.first()));
            node.set("second", section(split.second()));
        } else if (section instanceof Section.Filled filled) {
            node.put("part", filled.part().value()).put("turned", filled.turned());
        }
        return node;
    }

    /**
     * Reads a plan of a job, or says what in it is not in form or does not do the job.
     *
     * @param document what {@link #write} wrote
     * @param job the job it was written for
     */
    public static Outcome<CuttingPlan> read(String document, CuttingJob job) {
        return Reading.of(document, LARGEST, reading -> plan(reading, job));
    }

    private static CuttingPlan plan(Reading document, CuttingJob job) {
        document.at("version").whole(VERSION, VERSION);
        List<SheetLayout> layouts = new ArrayList<>();
        for (Reading layout : document.at("layouts").elements(MOST)) {
            layouts.add(layout(layout, job));
        }
        List<Missing> missing = new ArrayList<>();
        for (Reading each : document.at("missing").elements(MOST)) {
            missing.add(new Missing(
                    part(each.at("part"), job),
                    (int) each.at("count").whole(1, Integer.MAX_VALUE),
                    Missing.Reason.valueOf(each.at("reason").oneOf(names(Missing.Reason.values())))));
        }
        CuttingPlan plan = new CuttingPlan(
                job,
                layouts,
                missing,
                new Proof(
                        (int) document.at("sheetsAtLeast").whole(0, Integer.MAX_VALUE),
                        document.at("proven").flag(),
                        // Nothing was proven of layouts in earlier releases.
                        document.at("layoutsAtLeast").isMissing()
                                ? 1
                                : (int) document.at("layoutsAtLeast").whole(1, Integer.MAX_VALUE)));
        for (Part part : job.parts()) {
            int left = missing.stream()
                    .filter(each -> each.part().equals(part))
                    .mapToInt(Missing::count)
                    .sum();
            require(
                    plan.cutOf(part.id()) + left == part.count(),
                    "/layouts",
                    plan.cutOf(part.id()) + " of " + part.id().value() + " are cut, and " + left + " left out, of "
                            + part.count() + ".");
        }
        return plan;
    }

    private static SheetLayout layout(Reading layout, CuttingJob job) {
        String id = layout.at("stock").text();
        Stock stock = job.stocks().stream()
                .filter(each -> each.id().value().equals(id))
                .findFirst()
                .orElseThrow(() -> new Misfit(layout.pointer() + "/stock", "There is no stock " + id + " in the job."));
        int copies = (int) layout.at("copies").whole(1, Integer.MAX_VALUE);
        SheetLayout read =
                new SheetLayout(stock.id(), stock.sheet(), job.kerf(), copies, section(layout.at("cut"), job));
        for (SheetLayout.Placement placement : read.placements()) {
            Part part = job.parts().stream()
                    .filter(each -> each.id().equals(placement.part()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException(
                            "the job has no part " + placement.part().value()));
            require(
                    isWithin(placement.area(), stock.sheet())
                            && placement.area().size().equals(part.room(placement.turned())),
                    layout.pointer(),
                    part.id().value() + " does not come out at its size.");
        }
        return read;
    }

    private static boolean isWithin(Rect area, Size sheet) {
        return !area.left().isNegative()
                && !area.top().isNegative()
                && !area.right().isLongerThan(sheet.width())
                && !area.bottom().isLongerThan(sheet.height());
    }

    private static Section section(Reading section, CuttingJob job) {
        if (!section.at("part").isMissing()) {
            return new Section.Filled(
                    part(section.at("part"), job).id(), section.at("turned").flag());
        }
        if (section.at("axis").isMissing()) {
            return Section.LEFTOVER;
        }
        return Section.split(
                Axis.valueOf(section.at("axis").oneOf(names(Axis.values()))),
                ExactLength.read(section.at("at")),
                section(section.at("first"), job),
                section(section.at("second"), job));
    }

    private static Part part(Reading id, CuttingJob job) {
        PartId part = new PartId(id.text());
        Optional<Part> known =
                job.parts().stream().filter(each -> each.id().equals(part)).findFirst();
        return known.orElseThrow(() -> new Misfit(id.pointer(), "There is no part " + part.value() + " in the job."));
    }

    private static String[] names(Enum<?>[] values) {
        return Arrays.stream(values).map(Enum::name).toArray(String[]::new);
    }
}
