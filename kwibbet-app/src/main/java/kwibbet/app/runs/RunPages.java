package kwibbet.app.runs;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import kwibbet.app.store.Artworks;
import kwibbet.app.store.DamagedRunException;
import kwibbet.app.store.DesignStore;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.Kits;
import kwibbet.app.store.Runs;
import kwibbet.app.store.Stockroom;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.web.Entries;
import kwibbet.bench.JointPlan;
import kwibbet.bench.RunPlan;
import kwibbet.card.SupplyList;
import kwibbet.drawing.Drawing;
import kwibbet.layout.PrintJob;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.layout.Thrift;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.PressPicture;
import kwibbet.picture.SheetPicture;
import kwibbet.picture.StepPicture;
import kwibbet.run.RunState;
import kwibbet.stock.StockItem;
import kwibbet.stock.SupplyNeed;

/** What the pages of runs show. */
@Component
class RunPages {

    private final Runs runs;
    private final DesignStore designs;
    private final Stockroom stockroom;
    private final Kits kits;
    private final Artworks artworks;

    RunPages(Runs runs, DesignStore designs, Stockroom stockroom, Kits kits, Artworks artworks) {
        this.artworks = artworks;
        this.stockroom = stockroom;
        this.kits = kits;
        this.runs = runs;
        this.designs = designs;
    }

    /**
     * A run in the list.
     *
     * @param run the run
     * @param cards what it is of, in words
     * @param sheets how many sheets its plan cuts; nothing where it is open or cannot be read
     * @param cut how many of them are cut
     */
    record Line(KeptRun run, String cards, OptionalInt sheets, int cut) {}

    List<Line> lines(List<KeptRun> all) {
        Map<String, String> names = names();
        List<Line> lines = new ArrayList<>();
        for (KeptRun run : all) {
            List<String> cards = run.lines().stream()
                    .map(line ->
                            line.copies().cards() + " × " + names.getOrDefault(line.card(), "a card off the shelf"))
                    .toList();
            lines.add(new Line(
                    run, String.join(", ", cards), sheets(run), run.progress().cut()));
        }
        return lines;
    }

    /** What the cards on the shelf are called, by their ids. */
    private Map<String, String> names() {
        return designs.all().stream().collect(Collectors.toMap(StoredDesign::id, stored -> stored.design()
                .name()));
    }

    private OptionalInt sheets(KeptRun run) {
        if (run.state() != RunState.SETTLED) {
            return OptionalInt.empty();
        }
        try {
            return OptionalInt.of(runs.plan(run).sheets().lettered().stream()
                    .mapToInt(sheet -> sheet.layout().copies())
                    .sum());
        } catch (DamagedRunException damaged) {
            return OptionalInt.empty();
        }
    }

    /**
     * A card of an open run, to be changed.
     *
     * @param line the card and how many
     * @param name what it is called; nothing where it is off the shelf
     */
    record OpenLine(KeptRun.Line line, Optional<String> name) {}

    boolean isOfKit(KeptRun run) {
        return kits.ofRun(run.id()).isPresent();
    }

    void show(KeptRun run, Entries entries, Model model) {
        model.addAttribute("run", run);
        model.addAttribute("entries", entries);
        model.addAttribute("kit", kits.ofRun(run.id()));
        if (run.isSettled()) {
            settled(run, model);
        } else {
            open(run, model);
        }
    }

    private void open(KeptRun run, Model model) {
        Map<String, String> names = names();
        model.addAttribute(
                "lines",
                run.lines().stream()
                        .map(line -> new OpenLine(line, Optional.ofNullable(names.get(line.card()))))
                        .toList());
        model.addAttribute("thrifts", Thrift.values());
        if (runs.hasCards(run)) {
            JointPlan joint = runs.joint(run);
            model.addAttribute("joint", joint);
            lists(joint.run(), model);
            goods(run, joint.run(), model);
        }
    }

    private void settled(KeptRun run, Model model) {
        RunPlan plan = runs.plan(run);
        Map<String, String> keys = new LinkedHashMap<>();
        for (Lettered sheet : plan.sheets().lettered()) {
            keys.put(sheet.letter(), runs.nextCut(run, sheet.letter()).value());
        }
        model.addAttribute("keys", keys);
        model.addAttribute("keyOfAll", runs.nextCut(run, "all").value());
        model.addAttribute("left", runs.left(run));
        model.addAttribute("changes", runs.changes(run));
        model.addAttribute("gone", runs.missing(run));
        model.addAttribute("cuts", runs.cuts(run));
        model.addAttribute("allCut", run.progress().isAllCut(plan));
        lists(plan, model);
        goods(run, plan, model);
    }

    /** What is still to be used besides paper, beside what there is of it. */
    private void goods(KeptRun run, RunPlan plan, Model model) {
        Map<StockItem.Goods, Long> onHand = stockroom.onHand();
        model.addAttribute(
                "goods",
                SupplyList.of(plan.lines()).stream()
                        .map(all -> all.rest(run.progress().cards().made(), run.cards()))
                        .map(use -> new SupplyNeed(use, Optional.ofNullable(onHand.get(StockItem.Goods.of(use)))))
                        .toList());
    }

    /** The sheets and lists of a plan, drawn. */
    private void lists(RunPlan plan, Model model) {
        MeasureSystem system = plan.card().design().system();
        Map<String, Drawing> pictures = new LinkedHashMap<>();
        for (Lettered sheet : plan.sheets().lettered()) {
            pictures.put(
                    sheet.letter(),
                    SheetPicture.of(
                            sheet,
                            plan.bench().trim().numbersOn(sheet),
                            plan.bench().trim().marks()));
        }
        List<Drawing> beds = plan.bench().press().settings().stream()
                .map(setting -> PressPicture.of(
                        setting, plan.tools().press(), plan.tools().hand(), plan.shelf(), system))
                .toList();
        model.addAttribute("plan", plan);
        PrintJob printing = PrintJob.of(plan.sheets());
        model.addAttribute("printing", printing);
        model.addAttribute("unkept", artworks.unkept(printing.artworks()));
        model.addAttribute(
                "handCuts",
                StepPicture.handCuts(
                        plan.bench().press().plan(),
                        plan.shelf(),
                        plan.card().design().system()));
        model.addAttribute("pictures", pictures);
        model.addAttribute("beds", beds);
        model.addAttribute("system", system);
    }
}
