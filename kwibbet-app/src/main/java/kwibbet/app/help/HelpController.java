package kwibbet.app.help;

import java.util.List;
import java.util.Map;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

import kwibbet.app.inventory.StarterSet;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.Studio;
import kwibbet.bench.RunPlan;
import kwibbet.bench.TrimStep;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.Host;
import kwibbet.card.Materials;
import kwibbet.card.PaperSlot;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.RunLine;
import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.card.feature.Mat;
import kwibbet.drawing.Drawing;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.layout.Thrift;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperShelf;
import kwibbet.picture.FinishedPicture;
import kwibbet.picture.FlatPicture;
import kwibbet.picture.Legend;
import kwibbet.picture.SheetPicture;
import kwibbet.picture.TableScale;
import kwibbet.picture.TrimmerPicture;
import kwibbet.shape.Size;
import kwibbet.tool.Hand;
import kwibbet.tool.Toolbox;

import static kwibbet.measure.Length.ofInches;
import static kwibbet.measure.Length.ofMillimetres;

/** The road of a first card, how drawings are read, what can be typed, the keys, and where everything is kept. */
@Controller
class HelpController {

    private static final Copies TWELVE = new Copies(12, 1);

    private final Inventory inventory;
    private final String folder;

    HelpController(Inventory inventory, @Value("${kwibbet.data:data}") String folder) {
        this.inventory = inventory;
        this.folder = folder;
    }

    /**
     * The first card, from flat to the first cut.
     *
     * @param flat its base and its mat, flat
     * @param finished as it is shut
     * @param sheet how the first sheet is cut
     * @param trimmer the first cut
     */
    public record Road(Drawing flat, Drawing finished, Drawing sheet, Drawing trimmer) {}

    @GetMapping("/help")
    String help(Model model) {
        Studio studio = inventory.studio();
        model.addAttribute("road", road(studio));
        model.addAttribute("legend", Legend.ALL);
        model.addAttribute("folder", folder);
        return "help/help";
    }

    /** Made of papers to start with, whatever the maker has in: the pictures are there before anything else is. */
    private static Road road(Studio studio) {
        MeasureSystem system = studio.system();
        List<Paper> papers = StarterSet.papers(studio);
        PaperShelf shelf = new PaperShelf(papers);
        Toolbox tools = system == MeasureSystem.METRIC ? Toolbox.GENERIC_METRIC : Toolbox.GENERIC;
        Size size = system == MeasureSystem.METRIC
                ? new Size(ofMillimetres(105), ofMillimetres(148))
                : new Size(ofInches(17, 4), ofInches(11, 2));
        var base = Bases.ALL.get(0);
        Design design = Design.of(
                "A first card",
                system,
                base,
                Starts.sized(base, size, system),
                papers.get(0).id());
        Materials materials = new Materials(shelf, tools.trimmer().graduation());
        Card plain = CardMaker.make(design, materials).orThrow();
        Addition mat = new Addition(
                new PieceId("mat-1"),
                "Mat",
                new Mat(),
                new Host.OnFace(plain.faces().get(0).id()),
                new Mat().start(system),
                Map.of(PaperSlot.PAPER.key(), papers.get(1).id()));
        Card card = CardMaker.make(design.plus(mat), materials).orThrow();
        RunPlan plan = RunPlan.of(new RunLine(card, TWELVE), shelf, Thrift.FEWEST_SHEETS, tools);
        Pose shut = card.form().pose(Pose.SHUT);
        TableScale scale = TableScale.of(card);
        Lettered sheet = plan.sheets().lettered().get(0);
        TrimStep cut = plan.bench().trim().settings().get(0).steps().get(0);
        return new Road(
                FlatPicture.of(card, shelf, PieceId.BASE, scale),
                FinishedPicture.onTable(card, shelf, shut, scale),
                SheetPicture.of(sheet, plan.bench().trim().numbersOn(sheet), system),
                TrimmerPicture.of(cut, tools.trimmer(), Hand.RIGHT, system));
    }
}
