package kwibbet.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import kwibbet.bench.TrimSetting.Blade;
import kwibbet.cutting.Fence;
import kwibbet.cutting.FencePlan;
import kwibbet.cutting.FencePlan.Guide;
import kwibbet.cutting.FencePlan.Setting;
import kwibbet.cutting.FencePlan.Take;
import kwibbet.cutting.FenceSearch;
import kwibbet.cutting.SheetLayout;
import kwibbet.cutting.SheetLayout.Cut;
import kwibbet.cutting.StockId;
import kwibbet.layout.PaperPlan;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.measure.Rounded;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperKind;
import kwibbet.tool.Trimmer;

/**
 * In which order all sheets of a run are cut: each setting once for all that needs it, film last.
 *
 * @param sheets the sheets, their pieces where they are cut off
 * @param settings what is set, in order
 * @param slits what is cut inside the pieces afterwards
 * @param offMarks what does not come out as it was asked, for want of a mark
 * @param marks what the trimmer is read in
 * @param atLeast no order needs fewer settings of the fence
 */
public record TrimPlan(
        SheetPlan sheets,
        List<TrimSetting> settings,
        List<SlitStep> slits,
        List<OffMark> offMarks,
        MeasureSystem marks,
        int atLeast) {

    /** Copies the settings. */
    public TrimPlan {
        settings = List.copyOf(settings);
        slits = List.copyOf(slits);
        offMarks = List.copyOf(offMarks);
    }

    /** Orders the cuts of some sheets for a trimmer, as they were before where that is known. */
    static TrimPlan of(SheetPlan sheets, Trimmer trimmer, FenceOrders before) {
        List<Lettered> lettered = sheets.lettered();
        List<SheetLayout> recut =
                new ArrayList<>(lettered.stream().map(Lettered::layout).toList());
        Map<Blade, FencePlan> plans = new LinkedHashMap<>();
        for (Blade blade : List.of(Blade.TRIMMER, Blade.OLD_BLADE)) {
            List<Integer> places = places(lettered, blade);
            FencePlan plan = FenceSearch.plan(
                    places.stream().map(place -> lettered.get(place).layout()).toList(),
                    margins(sheets),
                    new Fence(
                            trimmer.longestCut(),
                            trimmer.reach().narrowest(),
                            trimmer.graduation().step()),
                    before.of(blade));
            plans.put(blade, plan);
            for (int i = 0; i < places.size(); i++) {
                recut.set(places.get(i), plan.layouts().get(i));
            }
        }
        SheetPlan moved = sheets.withLayouts(recut);
        List<TrimSetting> settings = new ArrayList<>();
        plans.forEach((blade, plan) -> {
            List<Integer> places = places(lettered, blade);
            List<Lettered> own = places.stream().map(moved.lettered()::get).toList();
            for (Setting setting : plan.settings()) {
                Blade with = setting.guide() == Guide.KNIFE ? Blade.KNIFE : blade;
                settings.add(setting(settings.size() + 1, setting, with, own, trimmer));
            }
        });
        return new TrimPlan(
                moved,
                settings,
                SlitStep.of(sheets, trimmer),
                OffMark.of(sheets, trimmer),
                trimmer.marks(),
                plans.values().stream().mapToInt(FencePlan::atLeast).sum());
    }

    private static Map<StockId, Length> margins(SheetPlan sheets) {
        Map<StockId, Length> margins = new LinkedHashMap<>();
        sheets.papers()
                .forEach(paper ->
                        paper.cutting().job().stocks().forEach(stock -> margins.put(stock.id(), stock.margin())));
        return margins;
    }

    private static List<Integer> places(List<Lettered> lettered, Blade blade) {
        List<Integer> places = new ArrayList<>();
        for (int place = 0; place < lettered.size(); place++) {
            boolean film = lettered.get(place).paper().kind() == PaperKind.FILM;
            if (film == (blade == Blade.OLD_BLADE)) {
                places.add(place);
            }
        }
        return places;
    }

    private static TrimSetting setting(
            int number, Setting setting, Blade blade, List<Lettered> sheets, Trimmer trimmer) {
        Map<Integer, List<Cut>> bySheet = new LinkedHashMap<>();
        for (Take take : setting.takes()) {
            bySheet.computeIfAbsent(take.layout(), layout -> new ArrayList<>()).add(take.cut());
        }
        Rounded set = setting.at().roundedTo(trimmer.graduation());
        TrimStep.At at = new TrimStep.At(set, blade == Blade.KNIFE, trimmer);
        List<TrimStep> steps = new ArrayList<>();
        bySheet.forEach((layout, cuts) -> steps.addAll(TrimStep.of(sheets.get(layout), cuts, at)));
        return new TrimSetting(number, set, blade, steps);
    }

    /** The order of its settings, by which the same list is made again. */
    public FenceOrders orders() {
        return FenceOrders.of(settings);
    }

    /** How often the fence is set. */
    public int fenceSettings() {
        return (int) settings.stream()
                .filter(setting -> setting.blade() != Blade.KNIFE)
                .count();
    }

    /** The papers of which more than one layout is cut: their strips look alike, and are told apart by the letter of their sheet. */
    public List<Paper> mixed() {
        return sheets.papers().stream()
                .filter(paper -> paper.layouts().size() > 1)
                .map(PaperPlan::paper)
                .toList();
    }

    /** What is kept and has a bare edge to be cut off first. */
    public List<BareOffcut> bareOffcuts() {
        return BareOffcut.of(sheets);
    }

    /** What keeps strips of several layouts apart; nothing where there is one of each paper. */
    public Optional<String> lettering() {
        return mixed().isEmpty()
                ? Optional.empty()
                : Optional.of("Write the letter of its sheet on each strip of "
                        + mixed().stream().map(Paper::name).collect(Collectors.joining(", "))
                        + ": sheets are cut in more than one way.");
    }

    /** Whether no order of these cuts needs fewer settings of the fence. */
    public boolean isProven() {
        return fenceSettings() == atLeast;
    }

    /** For each cut of a sheet, the number of the setting at which it is made. */
    public Map<Cut, Integer> numbersOn(Lettered sheet) {
        Map<Cut, Integer> numbers = new LinkedHashMap<>();
        for (TrimSetting setting : settings) {
            setting.steps().stream()
                    .filter(step -> step.sheet().letter().equals(sheet.letter()))
                    .flatMap(step -> step.cuts().stream())
                    .forEach(cut -> numbers.put(cut, setting.number()));
        }
        return numbers;
    }
}
