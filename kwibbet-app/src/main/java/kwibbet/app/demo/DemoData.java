package kwibbet.app.demo;

import java.util.List;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;

import kwibbet.app.store.DesignStore;
import kwibbet.app.store.Inventory;
import kwibbet.card.Design;
import kwibbet.card.Fit;
import kwibbet.card.Host;
import kwibbet.card.Layer;
import kwibbet.card.PieceId;
import kwibbet.card.Run;
import kwibbet.card.Settings;
import kwibbet.card.base.FoldedBase;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;
import kwibbet.shape.Size;
import kwibbet.tool.Toolbox;

/**
 * The demo: Lamplight Yard, a room above a bicycle workshop where evening classes make cards of things that shine, roll or
 * tick. All of it is invented.
 *
 * <p>Runs only in the demo profile, whose database is a file of its own, and only while that is empty.
 */
@Component
@Profile("demo")
class DemoData implements ApplicationRunner {

    private static final FoldedBase FOLDED = new FoldedBase();

    private final DesignStore designs;
    private final Inventory inventory;

    DemoData(DesignStore designs, Inventory inventory) {
        this.designs = designs;
        this.inventory = inventory;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (inventory.shelf().papers().isEmpty() && designs.all().isEmpty()) {
            papers().forEach(inventory::save);
            inventory.save(Toolbox.GENERIC);
            designs().forEach(designs::create);
        }
    }

    private static List<Paper> papers() {
        return List.of(
                card("night", "Night blue, 12 × 12", "#263a63", SheetSizes.TWELVE_SQUARE, Grain.UPRIGHT, 60),
                card("lamp", "Lamp yellow, 12 × 12", "#e9b44c", SheetSizes.TWELVE_SQUARE, Grain.UPRIGHT, 30),
                card("oat", "Oat, letter", "#efe3cb", SheetSizes.LETTER, Grain.UPRIGHT, 40),
                card("brick", "Brick, letter", "#a9523c", SheetSizes.LETTER, Grain.UPRIGHT, 10),
                card("moss", "Moss, 12 × 12", "#6f8560", SheetSizes.TWELVE_SQUARE, Grain.CROSSWISE, 18),
                pattern("spokes", "Spokes, 12 × 12", "#c9d3d6", SheetSizes.TWELVE_SQUARE, Pattern.ONE_WAY, 16),
                pattern("cogs", "Cogs, 12 × 12", "#d8c3a5", SheetSizes.TWELVE_SQUARE, Pattern.ANY_WAY, 12),
                card("chalk", "Chalk white, A4", "#faf8f2", SheetSizes.of(SheetSizes.Family.A, 4), Grain.UPRIGHT, 50),
                card("slate", "Slate, A4", "#5d6670", SheetSizes.of(SheetSizes.Family.A, 4), Grain.UPRIGHT, 20));
    }

    private static Paper card(String id, String name, String colour, Size sheet, Grain grain, int onHand) {
        return paper(id, name, PaperKind.CARD_STOCK, colour, sheet, Pattern.PLAIN, grain, 270, onHand);
    }

    private static Paper pattern(String id, String name, String colour, Size sheet, Pattern pattern, int onHand) {
        return paper(id, name, PaperKind.PATTERNED, colour, sheet, pattern, Grain.UNKNOWN, 160, onHand);
    }

    private static Paper paper(
            String id,
            String name,
            PaperKind kind,
            String colour,
            Size sheet,
            Pattern pattern,
            Grain grain,
            int weight,
            int onHand) {
        MeasureSystem system = name.endsWith("A4") ? MeasureSystem.METRIC : MeasureSystem.INCH;
        return new Paper(
                new PaperId(id),
                name,
                kind,
                sheet,
                system,
                new Colour(colour),
                pattern,
                grain,
                weight,
                kind == PaperKind.PATTERNED ? Length.ofMillimetres(1, 5) : Length.ofMillimetres(3, 10),
                onHand);
    }

    private static List<Design> designs() {
        return List.of(
                metric("Pocket watch", 105, 148, "slate", new Run(12, 1))
                        .plus(mat(1, "Chalk mat", onFront(), mm(4), "chalk"))
                        .plus(mat(2, "Slate mat", onMat(1), mm(4), "slate"))
                        .plus(mat(3, "Writing panel", onInside(), mm(6), "chalk")),
                inches("Night train", "4", "9", FoldedBase.AT_SIDE, "0", "night", new Run(16, 2))
                        .plus(mat(1, "Lamp strip", onFront(), in("3/8"), "lamp"))
                        .plus(fixed(2, "Window panel", onMat(1), "2 1/2", "7", "oat")),
                inches("Hill climb", "5", "5", FoldedBase.AT_SIDE, "1 1/4", "moss", new Run(20, 0))
                        .plus(mat(1, "Cog mat", onFront(), in("1/4"), "cogs"))
                        .plus(mat(2, "Inside mat", onInside(), in("1/4"), "oat")),
                inches("First ride", "4 1/4", "5 1/2", FoldedBase.AT_TOP, "0", "oat", new Run(36, 2))
                        .plus(mat(1, "Spoke mat", onFront(), in("1/8"), "spokes"))
                        .plus(mat(2, "Brick mat", onMat(1), in("3/4"), "brick")),
                inches("Lantern evening", "5", "7", FoldedBase.AT_SIDE, "0", "night", new Run(24, 0))
                        .plus(mat(1, "Lamp mat", onFront(), in("1/8"), "lamp"))
                        .plus(mat(2, "Oat mat", onMat(1), in("1/8"), "oat")));
    }

    private static Design inches(
            String name, String width, String height, String fold, String shortBy, String paper, Run run) {
        Settings settings = FOLDED.sized(Settings.PRESET, new Size(in(width), in(height)))
                .with(FoldedBase.FOLD, fold)
                .with(FoldedBase.SHORT_BY, in(shortBy));
        return design(name, MeasureSystem.INCH, settings, paper, run);
    }

    private static Design metric(String name, long width, long height, String paper, Run run) {
        Size size = new Size(mm(width), mm(height));
        return design(name, MeasureSystem.METRIC, FOLDED.sized(Settings.PRESET, size), paper, run);
    }

    private static Design design(String name, MeasureSystem system, Settings settings, String paper, Run run) {
        return new Design(name, system, FOLDED, settings, new PaperId(paper), false, List.of(), run);
    }

    private static Layer mat(int number, String name, Host host, Length border, String paper) {
        return new Layer(id(number), name, host, new Fit.ByBorder(border), new PaperId(paper));
    }

    private static Layer fixed(int number, String name, Host host, String width, String height, String paper) {
        Fit fit = new Fit.BySize(new Size(in(width), in(height)));
        return new Layer(id(number), name, host, fit, new PaperId(paper));
    }

    private static PieceId id(int number) {
        return new PieceId("mat-" + number);
    }

    private static Host onFront() {
        return new Host.OnFace("front-outside");
    }

    private static Host onInside() {
        return new Host.OnFace("back-inside");
    }

    private static Host onMat(int number) {
        return new Host.OnLayer(id(number));
    }

    private static Length in(String text) {
        return Length.parse(text, MeasureSystem.INCH);
    }

    private static Length mm(long millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
