package kwibbet.formats.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.stream.IntStream;

import org.apache.pdfbox.pdmodel.PDDocument;

import kwibbet.bench.MakeStep;
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
import kwibbet.card.SupplyList;
import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.fold.CardFolding;
import kwibbet.fold.FoldWords;
import kwibbet.layout.PaperPlan;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.picture.FinishedPicture;
import kwibbet.picture.FlatPicture;
import kwibbet.picture.FoldPicture;
import kwibbet.picture.Legend;
import kwibbet.picture.SheetPicture;
import kwibbet.picture.TableScale;
import kwibbet.press.PressPlan.ByHand;
import kwibbet.tool.Toolbox;
import kwibbet.wording.Phrase;

/** The paper that lies on the bench: cut list, sheet diagrams, score list, steps, and templates at full size. */
public final class Handout {

    private static final float[] CUT_COLUMNS = {0, 0.3f, 0.52f, 0.62f};
    private static final float[] SHEET_COLUMNS = {0, 0.4f, 0.58f, 0.74f};

    private static final int STEPS_A_ROW = 4;

    private final RunPlan plan;
    private final Card card;
    private final MeasureSystem system;
    private final PageFlow flow;

    private Handout(RunPlan plan, PageFlow flow) {
        this.plan = plan;
        this.card = plan.card();
        this.system = card.design().system();
        this.flow = flow;
    }

    /**
     * The handout of a run.
     *
     * @param plan the run
     * @param format the page it is printed on
     * @return a PDF file
     */
    public static byte[] write(RunPlan plan, PageFormat format) {
        String name = plan.card().design().name();
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(name);
            try (PageFlow flow = new PageFlow(document, format.upright(), name)) {
                new Handout(plan, flow).write(format);
            }
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException("writing a PDF into memory failed", impossible);
        }
    }

    private void write(PageFormat format) throws IOException {
        cutList();
        sheets();
        trimList();
        scoreList();
        pressing();
        making();
        closing();
        for (Piece piece : card.pieces()) {
            new TemplatePages(flow, piece, system, format).draw();
        }
    }

    private void cutList() throws IOException {
        flow.title(card.design().name());
        int spares = card.design().run().spares();
        flow.line(
                "",
                Phrase.in(system)
                        .words("Make " + card.design().run().make() + (spares == 0 ? "" : " and " + spares + " spare")
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
                260);
        flow.legend(Legend.PIECE);
        flow.heading("Cut list");
        flow.row(words("Piece", "Size", "Count", "Paper"), CUT_COLUMNS, true);
        for (Piece piece : card.pieces()) {
            flow.row(
                    List.of(
                            Phrase.of(piece.name()),
                            Phrase.in(system)
                                    .size(plan.bench().press().plan().paperFor(piece))
                                    .end(),
                            Phrase.of(String.valueOf(plan.card().design().run().cards())),
                            Phrase.of(plan.shelf()
                                    .find(piece.paper())
                                    .map(Paper::name)
                                    .orElse("no paper chosen"))),
                    CUT_COLUMNS,
                    false);
        }
        flow.heading("Sheets");
        flow.row(words("Paper", "Sheet", "Sheets", "On hand"), SHEET_COLUMNS, true);
        for (PaperPlan paper : plan.sheets().papers()) {
            flow.row(sheetCells(paper), SHEET_COLUMNS, false);
        }
        List<SupplyList> supplies = SupplyList.of(card);
        if (!supplies.isEmpty()) {
            flow.heading("Besides paper, for one card");
            for (SupplyList supply : supplies) {
                flow.line("", supply.words(system), 10.5f);
            }
        }
    }

    private static List<Phrase> words(String... words) {
        return List.of(words).stream().map(Phrase::of).toList();
    }

    private List<Phrase> sheetCells(PaperPlan paper) {
        String onHand =
                paper.paper().onHand() + (paper.shortOfSheets() > 0 ? ", " + paper.shortOfSheets() + " short" : "");
        return List.of(
                Phrase.of(paper.paper().name()),
                Phrase.in(paper.paper().system()).size(paper.paper().sheet()).end(),
                Phrase.of(paper.sheets() + (paper.isProven() ? ", the fewest" : ", at least " + paper.atLeast())),
                Phrase.of(onHand));
    }

    private void sheets() throws IOException {
        for (Lettered sheet : plan.sheets().lettered()) {
            flow.newPage();
            int copies = sheet.layout().copies();
            flow.heading("Sheet " + sheet.letter() + ": " + sheet.paper().name() + ", " + copies
                    + (copies == 1 ? " sheet" : " sheets") + " like this");
            flow.drawings(List.of(SheetPicture.of(sheet, plan.bench().trim().numbersOn(sheet), system)), 380);
            flow.legend(Legend.SHEET);
        }
    }

    private void trimList() throws IOException {
        flow.newPage();
        flow.heading("Cut, setting by setting");
        for (TrimSetting setting : plan.bench().trim().settings()) {
            flow.line(setting.number() + ".", setting.sentence(system), 12);
            for (TrimStep step : setting.steps()) {
                flow.indented(
                        Phrase.in(system)
                                .words("Sheet " + step.sheet().letter() + ": ")
                                .phrase(step.sentence(system))
                                .words(" ")
                                .phrase(step.result(system))
                                .end(),
                        10);
            }
        }
        for (SlitStep slit : plan.bench().trim().slits()) {
            flow.line(slit.count() + " ×", slit.sentence(system), 12);
        }
    }

    private void scoreList() throws IOException {
        flow.newPage();
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
            scoreSettings(ScoreList.of(plan.cards(), other, plan.bench().press().plan()));
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
        }
    }

    private void making() throws IOException {
        flow.heading("Make one card");
        int number = 1;
        for (MakeStep step : plan.bench().make()) {
            flow.line(number + ".", step.sentence(system), 12);
            number++;
        }
    }

    /** How the card closes: the paper before each step, then what to do. */
    private void closing() throws IOException {
        CardFolding folding = CardFolding.of(card);
        List<FoldStep> steps = folding.sequence().map(FoldSequence::steps).orElse(List.of());
        if (steps.isEmpty()) {
            return;
        }
        flow.heading("How it closes");
        FoldPicture picture = FoldPicture.of(
                folding.pattern().pattern(),
                folding.leaves(),
                FoldPicture.fills(card, plan.shelf()),
                folding.sequence().orElseThrow(),
                1);
        for (int first = 0; first < steps.size(); first += STEPS_A_ROW) {
            int last = Math.min(first + STEPS_A_ROW, steps.size());
            flow.drawings(IntStream.range(first, last).mapToObj(picture::before).toList(), 130);
            for (int step = first; step < last; step++) {
                String sentence =
                        FoldWords.of(steps.get(step), folding.pattern().pattern());
                flow.line((step + 1) + ".", Phrase.of(sentence), 12);
            }
        }
        for (String band : folding.bands()) {
            flow.line("", Phrase.of("Slip " + band + " over it."), 12);
        }
    }
}
