package kwibbet.formats.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.apache.pdfbox.pdmodel.PDDocument;

import kwibbet.card.SupplyList;
import kwibbet.formats.pdf.PageFlow.Captioned;
import kwibbet.kit.Bag;
import kwibbet.kit.Extra;
import kwibbet.kit.Fit;
import kwibbet.kit.Kit;
import kwibbet.kit.KitDay;
import kwibbet.kit.KitPlan;
import kwibbet.kit.KitSupplies;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperShelf;
import kwibbet.picture.RoomPicture;
import kwibbet.picture.StepPicture;
import kwibbet.wording.Phrase;

/**
 * What is printed for a class or kit: the work of each day before, what goes into each bag with its bags to tick off, what to buy, the room over time, and a
 * list of names. What learners make is printed with each card.
 */
public final class ClassPapers {

    private static final int COLUMNS = 3;
    private static final float PICTURE = 110;
    private static final float ROOM = 330;
    private static final float SIZE = 11;
    private static final int BAGS_IN_ROW = 10;

    private final PageFlow flow;
    private final KitPlan plan;
    private final PaperShelf shelf;
    private final MeasureSystem system;

    private ClassPapers(PageFlow flow, KitPlan plan, PaperShelf shelf, MeasureSystem system) {
        this.flow = flow;
        this.plan = plan;
        this.shelf = shelf;
        this.system = system;
    }

    /**
     * The papers of a class or kit as PDF.
     *
     * @param plan who does what
     * @param supplies what it takes
     * @param when when and where it is, in words; empty for a kit
     * @param shelf the papers of its cards
     * @param system what sizes and lengths are said in
     * @param format the sheets it is printed on
     */
    public static byte[] write(
            KitPlan plan,
            KitSupplies supplies,
            String when,
            PaperShelf shelf,
            MeasureSystem system,
            PageFormat format) {
        try (PDDocument document = new PDDocument()) {
            String name = plan.kit().name();
            document.getDocumentInformation().setTitle(name);
            try (PageFlow flow = new PageFlow(document, format.upright(), name)) {
                new ClassPapers(flow, plan, shelf, system).draw(supplies, when);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private void draw(KitSupplies supplies, String when) throws IOException {
        Kit kit = plan.kit();
        flow.title(kit.name());
        if (!when.isEmpty()) {
            flow.line("", Phrase.of(when), SIZE);
        }
        if (kit.isClass()) {
            days();
        }
        buy(supplies);
        flow.newPage();
        bags();
        if (kit.isClass()) {
            room();
            flow.newPage();
            names();
        }
    }

    private void days() throws IOException {
        for (KitDay day : plan.days()) {
            flow.heading(day.day() + ", " + day.time());
            for (KitDay.Part part : day.parts()) {
                flow.row(List.of(Phrase.of(part.words()), Phrase.of("done at")), new float[] {0, 0.75f}, false);
            }
        }
    }

    private void buy(KitSupplies supplies) throws IOException {
        float[] columns = {0, 0.46f, 0.64f, 0.8f};
        flow.heading("What it takes");
        flow.row(
                List.of(Phrase.of("What"), Phrase.of("needed"), Phrase.of("on hand"), Phrase.of("to buy")),
                columns,
                true);
        for (KitSupplies.Sheets each : supplies.papers()) {
            long packs = each.purchase().packs();
            flow.row(
                    List.of(
                            Phrase.of(each.paper().name()),
                            Phrase.of(each.purchase().need().toPlainString()),
                            Phrase.of(each.purchase().onHand().toPlainString()),
                            Phrase.of(packs > 0 ? String.valueOf(packs) : "")),
                    columns,
                    false);
        }
        for (KitSupplies.Needed each : supplies.goods()) {
            flow.row(
                    List.of(
                            each.goods().words(system),
                            each.said(each.purchase().need(), system),
                            each.onHand(system),
                            each.toBuy(system)),
                    columns,
                    false);
        }
    }

    /** What is in a bag, each piece drawn as large as its place lets it be, and a box for each bag. */
    private void bags() throws IOException {
        Bag bag = plan.bag();
        flow.heading("In each bag", PICTURE);
        List<Captioned> row = new ArrayList<>();
        for (Bag.Item item : bag.items()) {
            String count = item.count() > 1 ? item.count() + " × " : "";
            row.add(new Captioned(count + item.words(), StepPicture.lying(item.state(), item.lying(), shelf, system)));
            if (row.size() == COLUMNS) {
                flow.captioned(row, COLUMNS, PICTURE);
                row.clear();
            }
        }
        if (!row.isEmpty()) {
            flow.captioned(row, COLUMNS, PICTURE);
        }
        for (SupplyList each : bag.besides()) {
            flow.line("", each.words(system), SIZE);
        }
        for (Extra each : plan.kit().extras()) {
            flow.line("", Phrase.of(each.name() + ": " + each.each()), SIZE);
        }
        flow.heading("Bags packed");
        int all = plan.kit().allBags();
        float[] columns = new float[BAGS_IN_ROW];
        for (int i = 0; i < BAGS_IN_ROW; i++) {
            columns[i] = (float) i / BAGS_IN_ROW;
        }
        for (int first = 1; first <= all; first += BAGS_IN_ROW) {
            List<Phrase> numbers = new ArrayList<>();
            for (int number = first; number < first + BAGS_IN_ROW; number++) {
                numbers.add(Phrase.of(number <= all ? String.valueOf(number) : ""));
            }
            flow.row(numbers, columns, false);
        }
    }

    private void room() throws IOException {
        Optional<Fit> fit = plan.fit();
        if (fit.isPresent()) {
            flow.heading("The room", ROOM);
            flow.line(
                    "",
                    Phrase.of("Nine in ten are done after " + fit.get().nineInTen() + " of "
                            + fit.get().meeting().slot().minutes() + " min."),
                    SIZE);
            flow.drawings(List.of(RoomPicture.of(plan, fit.get(), shelf)), ROOM);
            timetable(plan.timetable(fit.get()));
        }
    }

    /** When each step is done by plan, on the clock of the class. */
    private void timetable(List<KitPlan.Due> timetable) throws IOException {
        float[] columns = {0, 0.7f, 0.85f};
        flow.heading("Timetable");
        flow.row(List.of(Phrase.of("Step"), Phrase.of("half by"), Phrase.of("most by")), columns, true);
        for (KitPlan.Due due : timetable) {
            String card = plan.kit().lines().size() == 1
                    ? ""
                    : due.share().making().card().design().name() + ": ";
            String step = card + due.share().told().sentence(system).text();
            flow.row(
                    List.of(
                            Phrase.of(step),
                            Phrase.of(due.half().toString()),
                            Phrase.of(due.nineInTen().toString())),
                    columns,
                    false);
        }
    }

    private void names() throws IOException {
        float[] columns = {0, 0.08f, 0.6f, 0.8f};
        flow.heading("Learners");
        flow.row(List.of(Phrase.of(""), Phrase.of("Name"), Phrase.of("here"), Phrase.of("done")), columns, true);
        for (int number = 1; number <= plan.kit().bags(); number++) {
            flow.row(
                    List.of(Phrase.of(String.valueOf(number)), Phrase.of(""), Phrase.of(""), Phrase.of("")),
                    columns,
                    false);
        }
    }
}
