package kwibbet.formats.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.apache.pdfbox.pdmodel.PDDocument;

import kwibbet.bench.BareOffcut;
import kwibbet.bench.OffMark;
import kwibbet.bench.PressList;
import kwibbet.bench.PressSetting;
import kwibbet.bench.PressStep;
import kwibbet.bench.RunPlan;
import kwibbet.bench.ScoreList;
import kwibbet.bench.ScoreSetting;
import kwibbet.bench.ScoreStep;
import kwibbet.bench.SlitStep;
import kwibbet.bench.TrimSetting;
import kwibbet.bench.TrimStep;
import kwibbet.card.Card;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.RunLine;
import kwibbet.card.Score;
import kwibbet.card.SupplyList;
import kwibbet.cutting.CuttingPlan.Missing;
import kwibbet.formats.pdf.PageFlow.Captioned;
import kwibbet.layout.CutPart;
import kwibbet.layout.PaperPlan;
import kwibbet.layout.PaperPlan.CutSize;
import kwibbet.layout.PrintJob;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Offcut;
import kwibbet.paper.Paper;
import kwibbet.picture.FinishedPicture;
import kwibbet.picture.FlatPicture;
import kwibbet.picture.Legend;
import kwibbet.picture.SheetPicture;
import kwibbet.picture.TableScale;
import kwibbet.press.HandCut;
import kwibbet.press.PressPlan.ByHand;
import kwibbet.shape.Region;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.tool.Toolbox;
import kwibbet.wording.Phrase;

/** The paper that lies on the bench: cut list, sheet diagrams, score list, steps, and templates at full size. */
public final class Handout {

    private static final float[] CUT_COLUMNS = {0, 0.3f, 0.52f, 0.62f};
    private static final float[] SHEET_COLUMNS = {0, 0.4f, 0.58f, 0.74f};

    private static final int LONGEST_NAME = 60;

    /** Sheets side by side, and how high each is at most: six to a page. */
    private static final int SHEETS_A_ROW = 2;

    private static final float SHEET_HEIGHT = 205;

    private final RunPlan plan;
    private final Set<PrintPart> parts;
    private final MeasureSystem system;
    private final PageFlow flow;

    private Handout(RunPlan plan, Set<PrintPart> parts, PageFlow flow) {
        this.plan = plan;
        this.parts = parts;
        this.system = plan.card().design().system();
        this.flow = flow;
    }

    /**
     * The handout of the run of a card, called after it.
     *
     * @param plan the run
     * @param format the page it is printed on
     * @return a PDF file
     */
    public static byte[] write(RunPlan plan, PageFormat format) {
        return write(plan.card().design().name(), plan, format, PrintPart.all());
    }

    /**
     * The handout of a run: what is done for all its cards together, then how each is made.
     *
     * @param name what the run is called
     * @param plan the run
     * @param format the page it is printed on
     * @param parts what is printed of it
     * @return a PDF file
     */
    public static byte[] write(String name, RunPlan plan, PageFormat format, Set<PrintPart> parts) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(name);
            try (PageFlow flow = new PageFlow(document, format.upright(), name)) {
                new Handout(plan, parts, flow).write(name, format);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException("writing a PDF into memory failed", impossible);
        }
    }

    private void write(String name, PageFormat format) throws IOException {
        if (parts.contains(PrintPart.LISTS) || parts.contains(PrintPart.SHEETS)) {
            flow.title(name);
            for (RunLine line : plan.lines()) {
                overview(line);
            }
            flow.legend(Legend.PIECE);
        }
        if (parts.contains(PrintPart.LISTS)) {
            cutList();
            sheetList();
            supplies();
        }
        if (parts.contains(PrintPart.SHEETS)) {
            sheets();
        }
        if (parts.contains(PrintPart.LISTS)) {
            trimList();
            scoreList();
            pressing();
        }
        for (Card card : plan.cards()) {
            if (parts.contains(PrintPart.STEPS)) {
                new StepPages(flow, plan, format, StepPages.Type.USUAL).draw(card);
            }
            if (parts.contains(PrintPart.LARGE_STEPS)) {
                new StepPages(flow, plan, format, StepPages.Type.LARGE).draw(card);
            }
        }
        if (parts.contains(PrintPart.PIECES)) {
            templates(format);
        }
    }

    /** A template for each piece, several to a page where they have room; pieces that are cut and worked on alike share one. */
    private void templates(PageFormat format) throws IOException {
        List<Piece> pieces =
                plan.cards().stream().flatMap(card -> alike(card).stream()).toList();
        new TemplatePages(flow, system, format).draw(pieces);
    }

    private static List<Piece> alike(Card card) {
        record Crease(Segment line, Score.Fold fold) {}
        record Shape(Region material, List<Crease> creases, List<Segment> slits) {}
        Map<Shape, List<Piece>> alike = new LinkedHashMap<>();
        for (Piece piece : card.pieces()) {
            List<Crease> creases = piece.scores().stream()
                    .map(score -> new Crease(score.line(), score.fold()))
                    .toList();
            Shape shape = new Shape(piece.material(), creases, piece.slits());
            alike.computeIfAbsent(shape, each -> new ArrayList<>()).add(piece);
        }
        return alike.values().stream().map(Handout::called).toList();
    }

    private static Piece called(List<Piece> same) {
        String names = same.stream().map(Piece::name).distinct().collect(Collectors.joining(", "));
        return same.get(0)
                .named(
                        names.length() <= LONGEST_NAME
                                ? names
                                : same.get(0).name() + " and " + (same.size() - 1) + " like it");
    }

    private boolean isOfSeveral() {
        return plan.cards().size() > 1;
    }

    private void overview(RunLine line) throws IOException {
        Card card = line.card();
        if (isOfSeveral()) {
            flow.heading(card.design().name());
        }
        int spares = line.copies().spares();
        flow.line(
                "",
                Phrase.in(system)
                        .words("Make " + line.copies().make() + (spares == 0 ? "" : " and " + spares + " spare")
                                + ". Shut ")
                        .size(card.form().finished())
                        .words(".")
                        .end(),
                12);
        TableScale scale = TableScale.of(card);
        flow.drawings(
                List.of(
                        FlatPicture.of(card, plan.shelf(), PieceId.BASE, scale),
                        FinishedPicture.onTable(card, plan.shelf(), card.form().pose(Pose.SHUT), scale)),
                isOfSeveral() ? 150 : 260);
    }

    private void cutList() throws IOException {
        flow.heading("Cut list");
        flow.row(words("Piece", "Size", "Count", "Paper"), CUT_COLUMNS, true);
        for (RunLine line : plan.lines()) {
            for (Piece piece : line.card().pieces()) {
                flow.row(
                        List.of(
                                Phrase.of(piece.name()),
                                Phrase.in(system)
                                        .size(plan.bench()
                                                .press()
                                                .plan()
                                                .paperFor(piece)
                                                .size())
                                        .end(),
                                Phrase.of(String.valueOf(line.cards())),
                                Phrase.of(plan.shelf()
                                        .find(piece.paper())
                                        .map(Paper::name)
                                        .orElse("no paper chosen"))),
                        CUT_COLUMNS,
                        false);
            }
        }
    }

    /** The sheets to take, paper by paper and size by size, leftovers of earlier runs as such; and what none of them gives. */
    private void sheetList() throws IOException {
        flow.heading("Sheets");
        flow.row(words("Paper", "Sheet", "Sheets", "On hand"), SHEET_COLUMNS, true);
        for (PaperPlan paper : plan.sheets().papers()) {
            for (CutSize size : paper.cutSizes()) {
                String shortage = size.missing() > 0 ? ", " + size.missing() + " short" : "";
                sheetRow(
                        size.size(),
                        size.size().sheet(),
                        size.sheets(),
                        size.size().onHand() + shortage);
            }
            for (Offcut leftover : paper.order().leftovers()) {
                if (paper.piecesOf(leftover) > 0) {
                    String onHand = leftover.count() + ", from the drawer";
                    sheetRow(paper.paper(), leftover.size(), paper.piecesOf(leftover), onHand);
                }
            }
        }
        for (PaperPlan paper : plan.sheets().papers()) {
            flow.line(
                    "",
                    Phrase.of(paper.paper().name() + ": " + (paper.sheets() + paper.leftovers()) + ", "
                            + paper.standing()
                            + (paper.layouts().size() > 1
                                    ? ", cut in " + paper.layouts().size() + " ways"
                                    : "")
                            + "."),
                    10.5f);
            for (Missing missing : paper.unplaced()) {
                CutPart part = paper.part(missing.part().id());
                flow.line(
                        "",
                        Phrase.in(system)
                                .words("Not cut: " + missing.count() + " of " + part.usedAs() + ", ")
                                .size(part.blank())
                                .words(". No sheet of this paper gives it.")
                                .end(),
                        10.5f);
            }
        }
        for (String line : PrintJob.of(plan.sheets()).words()) {
            flow.line(
                    "",
                    Phrase.of("Before it is cut, " + line.substring(0, 1).toLowerCase(Locale.ROOT) + line.substring(1)),
                    10.5f);
        }
        for (Piece piece : plan.sheets().withoutPaper()) {
            flow.line("", Phrase.of("Not cut: " + piece.name() + ". Its paper is not on the shelf."), 10.5f);
        }
        if (plan.cents().filter(cents -> cents > 0).isPresent()) {
            String cost = BigDecimal.valueOf(plan.cents().orElse(0L), 2).toPlainString();
            flow.line("", Phrase.of("These sheets cost " + cost + "."), 10.5f);
        }
    }

    private void sheetRow(Paper paper, Size size, int sheets, String onHand) throws IOException {
        flow.row(
                List.of(
                        Phrase.of(paper.name()),
                        Phrase.in(paper.system()).size(size).end(),
                        Phrase.of(String.valueOf(sheets)),
                        Phrase.of(onHand)),
                SHEET_COLUMNS,
                false);
    }

    private void supplies() throws IOException {
        for (Card card : plan.cards()) {
            List<SupplyList> supplies = SupplyList.of(card);
            if (!supplies.isEmpty()) {
                flow.heading("Besides paper, for one "
                        + (isOfSeveral() ? card.design().name() : "card"));
                for (SupplyList supply : supplies) {
                    flow.line("", supply.words(system), 10.5f);
                }
            }
        }
    }

    private static List<Phrase> words(String... words) {
        return List.of(words).stream().map(Phrase::of).toList();
    }

    private void sheets() throws IOException {
        flow.heading("How each sheet is cut up", SHEET_HEIGHT + 60);
        flow.legend(Legend.SHEET);
        List<Lettered> sheets = plan.sheets().lettered();
        for (int first = 0; first < sheets.size(); first += SHEETS_A_ROW) {
            List<Captioned> row = sheets.subList(first, Math.min(first + SHEETS_A_ROW, sheets.size())).stream()
                    .map(this::captioned)
                    .toList();
            flow.captioned(row, SHEETS_A_ROW, SHEET_HEIGHT);
        }
    }

    private Captioned captioned(Lettered sheet) {
        int copies = sheet.layout().copies();
        String kind = sheet.leftover().isPresent() ? "offcut" : "sheet";
        return new Captioned(
                "Sheet " + sheet.letter() + ": " + copies + " " + kind + (copies == 1 ? "" : "s") + " like this, "
                        + sheet.paper().name(),
                SheetPicture.of(
                        sheet,
                        plan.bench().trim().numbersOn(sheet),
                        plan.bench().trim().marks()));
    }

    private void trimList() throws IOException {
        flow.heading("Cut, setting by setting");
        MeasureSystem marks = plan.bench().trim().marks();
        if (plan.bench().trim().lettering().isPresent()) {
            flow.line("", Phrase.of(plan.bench().trim().lettering().orElse("")), 10.5f);
        }
        for (OffMark off : plan.bench().trim().offMarks()) {
            flow.line("", off.sentence(system), 10.5f);
        }
        for (TrimSetting setting : plan.bench().trim().settings()) {
            flow.line(setting.number() + ".", setting.sentence(marks), 12);
            for (TrimStep step : setting.steps()) {
                flow.indented(
                        Phrase.in(marks)
                                .words("Sheet " + step.sheet().letter() + ", " + step.passes()
                                        + (step.passes() == 1 ? " cut: " : " cuts: "))
                                .phrase(step.line().sentence())
                                .words(" ")
                                .phrase(step.line().result())
                                .end(),
                        10);
            }
        }
        for (BareOffcut bare : plan.bench().trim().bareOffcuts()) {
            flow.line("", bare.sentence(marks), 10.5f);
        }
        for (SlitStep slit : plan.bench().trim().slits()) {
            flow.line(slit.count() + " ×", slit.sentence(system), 12);
        }
    }

    private void scoreList() throws IOException {
        flow.heading("Score list");
        ScoreList score = plan.bench().score();
        scoreSettings(score);
        for (ScoreList.ByRuler each : score.byRuler()) {
            flow.line(each.count() + " ×", each.sentence(system), 12);
        }
        if (score.settings().isEmpty() && score.byRuler().isEmpty()) {
            flow.line("", Phrase.of("Nothing to score."), 12);
        }
        // A class has both hands in it.
        if (!score.settings().isEmpty()) {
            Toolbox other = plan.tools().forOtherHand();
            flow.line("", Phrase.of("If you are " + other.hand().words() + ":"), 12);
            scoreSettings(ScoreList.of(plan.lines(), other, plan.bench().press().plan()));
        }
    }

    private void scoreSettings(ScoreList score) throws IOException {
        for (ScoreSetting setting : score.settings()) {
            flow.line(setting.number() + ".", setting.sentence(system), 12);
            for (ScoreStep step : setting.steps()) {
                flow.indented(
                        Phrase.in(system)
                                .words(step.count() + " × ")
                                .phrase(step.sentence(system))
                                .end(),
                        11);
            }
        }
    }

    private void pressing() throws IOException {
        PressList press = plan.bench().press();
        if (press.settings().isEmpty() && press.plan().byHand().isEmpty()) {
            return;
        }
        flow.heading("Press list");
        for (PressSetting setting : press.settings()) {
            flow.line(setting.number() + ".", setting.aside(system), 12);
            for (PressStep step : setting.steps()) {
                flow.line("", step.what(system), 11);
                for (Phrase sentence : step.sentences(system)) {
                    flow.line("", sentence, 11);
                }
            }
        }
        for (ByHand each : press.plan().byHand()) {
            flow.line(each.count() + " ×", each.sentence(system), 12);
            for (HandCut cut : each.cuts()) {
                flow.indented(cut.sentence(system), 11);
            }
            if (!each.together().isEmpty()) {
                flow.indented(Phrase.of(each.together()), 11);
            }
        }
    }
}
