package kwibbet.app.store;

import java.time.Duration;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Function;
import java.util.stream.Stream;

import jakarta.annotation.PreDestroy;
import org.springframework.stereotype.Component;

import kwibbet.bench.JointPlan;
import kwibbet.bench.RunPlan;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Materials;
import kwibbet.card.Pose;
import kwibbet.card.RunLine;
import kwibbet.cutting.Budget;
import kwibbet.fold.CardFolding;
import kwibbet.fold.FoldedView;
import kwibbet.layout.SheetPlan;
import kwibbet.layout.SheetPlanner;
import kwibbet.layout.Thrift;
import kwibbet.making.Making;
import kwibbet.making.Way;
import kwibbet.outcome.Outcome;
import kwibbet.paper.PaperShelf;
import kwibbet.press.PressPlan;
import kwibbet.review.Finding;
import kwibbet.review.Review;
import kwibbet.review.ToolReview;
import kwibbet.run.CardRun;
import kwibbet.run.RunBench;
import kwibbet.run.SettledRun;
import kwibbet.tool.Toolbox;

/**
 * Works cards out with the papers and tools at hand, and remembers the last ones: a design that is tried, kept and shown is worked out
 * once. Everything is a pure function of values, so what is remembered is never out of date.
 */
@Component
public class Workshop {

    private static final int REMEMBERED = 64;
    /** A search that takes no longer is not worth a word on the page. */
    private static final Duration AT_ONCE = Duration.ofMillis(40);

    /** So much a page looks that is asked for a few times a week. */
    private static final Duration FOR_SEVERAL = Duration.ofSeconds(2);

    private final Inventory inventory;
    private final PlanBook book;
    private final Map<Tried, Outcome<Card>> cards = Collections.synchronizedMap(new Recent<>());
    private final Map<Tried, Errand<CardFolding>> foldings = Collections.synchronizedMap(new Recent<>());
    private final Map<Tried, Reviewed> reviews = Collections.synchronizedMap(new Recent<>());
    private final Map<Planned, Worked> runs = Collections.synchronizedMap(new Recent<>());
    private final Map<Together, JointPlan> joint = Collections.synchronizedMap(new Recent<>());
    private final Map<Planned, SheetHunt> hunts = Collections.synchronizedMap(new Recent<>());
    private final Map<String, RunPlan> settledPlans = Collections.synchronizedMap(new Recent<>());
    private final Map<String, RunBench> benches = Collections.synchronizedMap(new Recent<>());
    private final ExecutorService hunters = Executors.newSingleThreadExecutor(task -> daemon(task, "sheet-hunt"));
    private final ExecutorService beside = Executors.newCachedThreadPool(task -> daemon(task, "beside"));

    /** A workshop with those papers and tools, and the plans found before. */
    public Workshop(Inventory inventory, PlanBook book) {
        this.inventory = inventory;
        this.book = book;
    }

    private record Tried(Design design, Materials materials) {}

    private record Planned(CardRun run, PaperShelf shelf, Toolbox tools) {}

    private record Together(List<SettledRun.Line> lines, Thrift thrift, PaperShelf shelf, Toolbox tools) {}

    /**
     * What is worth a look of a card.
     *
     * @param found all of it
     * @param tried the same with the ways out that help, which are tried beside
     */
    private record Reviewed(List<Finding> found, Errand<List<Finding>> tried) {}

    /** A run and what is worth a look of its card: each worked out once, when it is asked for first. */
    public static final class Worked {
        private final Card card;
        private final Planned with;
        private final Errand<RunPlan> plan;
        private final Errand<Reviewed> review;
        private final Errand<List<Finding>> ofTools;
        private final Map<Way, Making> makings = new ConcurrentHashMap<>();
        private final Map<Pose, Errand<FoldedView>> views = new ConcurrentHashMap<>();
        private final Executor beside;

        private Worked(Card card, Planned with, Errand<RunPlan> plan, Errand<Reviewed> review, Executor beside) {
            this.card = card;
            this.with = with;
            this.plan = plan;
            this.review = review;
            this.beside = beside;
            this.ofTools = Errand.atOnce(() -> ToolReview.of(card, with.tools().handTools()));
        }

        /** The card, which is there while the rest is still being worked out. */
        public Card card() {
            return card;
        }

        /** The papers it is worked out with. */
        public PaperShelf shelf() {
            return with.shelf();
        }

        /** The tools it is worked out with. */
        public Toolbox tools() {
            return with.tools();
        }

        private boolean hasFailed() {
            return plan.hasFailed()
                    || review.hasFailed()
                    || views.values().stream().anyMatch(Errand::hasFailed)
                    || (review.isDone() && review.result().tried().hasFailed());
        }

        private Errand<FoldedView> viewed(Pose pose) {
            return views.computeIfAbsent(pose, each -> new Errand<>(() -> FoldedView.of(card, each), beside));
        }

        /** How its card is seen in a pose; whoever asks waits for it. */
        public FoldedView view(Pose pose) {
            return viewed(pose).result();
        }

        /** Begins what is worth a look of it, and how it is seen, beside what else is done. */
        private void begin(Optional<Pose> pose) {
            review.begin();
            pose.ifPresent(each -> viewed(each).begin());
        }

        /** Begins to plan it beside what else is done. */
        public void beginPlan() {
            plan.begin();
        }

        /** Whether nobody would have to wait for its plan. */
        public boolean isPlanned() {
            return plan.isDone();
        }

        /** Everything worked out; whoever asks waits for it. */
        public RunPlan plan() {
            return plan.result();
        }

        /** What is worth a look, the worst first, while its ways out are being tried beside. */
        public List<Finding> found() {
            Reviewed reviewed = review.result();
            reviewed.tried().begin();
            return withTools(reviewed.found());
        }

        /** What is worth a look, the worst first; whoever asks waits until its ways out are tried. */
        public List<Finding> findings() {
            return withTools(review.result().tried().result());
        }

        /** What is worth a look of the card itself, then what the tools at hand cannot do of it. */
        private List<Finding> withTools(List<Finding> ofCard) {
            return Stream.concat(ofCard.stream(), ofTools.result().stream())
                    .sorted(Comparator.comparing(Finding::severity))
                    .toList();
        }

        /** How its card is made, worked out once; that needs what goes through the press only, not all of the plan. */
        public Making making(Way way) {
            return makings.computeIfAbsent(way, each -> Making.of(card, press(), each));
        }

        /** What goes through the press. */
        public PressPlan press() {
            return plan.isDone()
                    ? plan().bench().press().plan()
                    : PressPlan.of(List.of(new RunLine(card, with.run().copies())), with.tools());
        }
    }

    private static Thread daemon(Runnable task, String name) {
        Thread thread = new Thread(task, name);
        thread.setDaemon(true);
        return thread;
    }

    @PreDestroy
    void end() {
        synchronized (hunts) {
            hunts.values().forEach(SheetHunt::giveWay);
        }
        hunters.shutdown();
        beside.shutdown();
    }

    /** What works beside whoever waits. */
    public Executor beside() {
        return beside;
    }

    /** The card of a design, or what stands in its way. */
    public Outcome<Card> make(Design design) {
        return make(new Tried(design, inventory.materials()));
    }

    private Outcome<Card> make(Tried tried) {
        return remembered(cards, tried, each -> CardMaker.make(each.design(), each.materials()));
    }

    /**
     * The card of a kept design. It could be made when it was kept; should a paper have become so thick since then that it no longer
     * can, it is shown as it would be with usual card stock.
     */
    public Card card(Design design) {
        return make(design) instanceof Outcome.Made<Card> made
                ? made.value()
                : make(new Tried(design, Materials.USUAL)).orThrow();
    }

    /** Everything worked out for the run that comes with a kept design. */
    public Worked run(CardRun run) {
        Planned planned = planned(run);
        runs.computeIfPresent(planned, (key, known) -> known.hasFailed() ? null : known);
        return remembered(runs, planned, each -> {
            // Whoever edits no longer waits for fewer sheets of what was there before, and needs both cores.
            giveWay();
            Design design = each.run().design();
            Card card = card(design);
            RunLine line = new RunLine(card, each.run().copies());
            Errand<RunPlan> plan = new Errand<>(
                    () -> RunPlan.of(List.of(line), each.shelf(), each.run().thrift(), each.tools(), book), beside);
            return new Worked(card, each, plan, new Errand<>(() -> reviewed(design, card), beside), beside);
        });
    }

    /**
     * Begins what a page shows of a card, beside what else is done: it is there sooner when its design is kept. Nothing is begun where the card cannot be
     * made.
     *
     * @param run the run that comes with it
     * @param look how it is looked at, out of all its poses
     */
    public void begin(CardRun run, Function<Card, Optional<Pose>> look) {
        if (make(run.design()) instanceof Outcome.Made<Card> made) {
            run(run).begin(look.apply(made.value()));
        }
    }

    /** Another count, or other tools, change nothing about that. */
    private Reviewed reviewed(Design design, Card card) {
        Tried tried = new Tried(design, inventory.materials());
        reviews.computeIfPresent(tried, (key, known) -> known.tried().hasFailed() ? null : known);
        return remembered(reviews, tried, each -> {
            Review review = Review.begun(card, folding(design));
            return new Reviewed(review.found(), new Errand<>(review::findings, beside));
        });
    }

    /** Ends the hunts that are on; their designs are hunted for anew when they are next looked at. */
    private void giveWay() {
        synchronized (hunts) {
            hunts.values().removeIf(hunt -> {
                boolean isOn = hunt.isOn();
                if (isOn) {
                    hunt.giveWay();
                }
                return isOn;
            });
        }
    }

    /**
     * Looks for fewer sheets, larger leftovers and fewer layouts; begun once for a run, papers and tools, and what it finds is
     * what {@link #run} gives from then on. A hunt for another design that is still on is ended.
     *
     * @return the hunt; most are over at once
     */
    public SheetHunt hunt(CardRun run) {
        Worked worked = run(run);
        // What is looked for is better than its plan.
        worked.plan();
        SheetHunt begun = remembered(hunts, planned(run), planned -> {
            giveWay();
            SheetHunt hunt = new SheetHunt();
            hunters.execute(() -> look(planned, worked, hunt));
            return hunt;
        });
        begun.await(AT_ONCE);
        return begun;
    }

    /**
     * Everything worked out for a run that is about to be cut: all that is looked for has been, or the maker was content, and its sheets stay as they
     * are from now on, so that no list changes under the maker's hands.
     */
    public Worked settled(CardRun run) {
        Planned planned = planned(run);
        SheetHunt begun = hunts.get(planned);
        if (begun != null) {
            begun.await();
        }
        if (begun == null || begun.hasGivenWay()) {
            look(planned, run(run), new SheetHunt());
        }
        return run(run);
    }

    private void look(Planned planned, Worked worked, SheetHunt hunt) {
        try {
            RunPlan plan = worked.plan();
            SheetPlan found = SheetPlanner.refine(
                    plan.order(),
                    plan.tools().trimmer(),
                    book,
                    hunt.budget(),
                    better -> keep(planned, worked, better, hunt, false));
            keep(planned, worked, found, hunt, !hunt.hasGivenWay());
        } finally {
            hunt.end();
        }
    }

    private void keep(Planned planned, Worked worked, SheetPlan sheets, SheetHunt hunt, boolean isFinal) {
        Worked before = runs.getOrDefault(planned, worked);
        SheetPlan best = before.plan().planned().orBetter(sheets);
        if (!best.equals(before.plan().planned())) {
            RunPlan better = before.plan().withSheets(best);
            Errand<RunPlan> known = Errand.atOnce(() -> better);
            known.begin();
            runs.put(planned, new Worked(before.card(), planned, known, before.review, beside));
            hunt.findsBetter();
        }
        best.papers().forEach(paper -> book.keep(paper.cutting(), isFinal));
    }

    /** A run of some kept designs, cut from the same sheets. */
    public JointPlan together(List<SettledRun.Line> lines, Thrift thrift) {
        Together asked = new Together(lines, thrift, inventory.shelf(), inventory.toolbox());
        return remembered(joint, asked, each -> {
            JointPlan plan = JointPlan.of(
                    each.lines().stream().map(this::line).toList(),
                    each.shelf(),
                    each.thrift(),
                    each.tools(),
                    book,
                    Budget.about(FOR_SEVERAL));
            plan.run().planned().papers().forEach(paper -> book.keep(paper.cutting(), true));
            return plan;
        });
    }

    /** A card of a run as it would be made now. */
    RunLine line(SettledRun.Line line) {
        return new RunLine(card(line.design()), line.copies());
    }

    /** The lists of a settled run; worked out once for each time it was settled or planned anew. */
    RunPlan settledPlan(KeptRun run, Function<KeptRun, RunPlan> work) {
        return remembered(settledPlans, run.id() + " " + run.phase(), key -> work.apply(run));
    }

    /** The steps of a settled run at the bench; worked out once for its lists. */
    RunBench bench(KeptRun run, Way way, Function<KeptRun, RunPlan> plan) {
        return remembered(
                benches, run.id() + " " + run.phase() + " " + way.key(), key -> RunBench.of(plan.apply(run), way));
    }

    /** What is left of a run, planned as thoroughly as a run of several cards. */
    RunPlan rest(SettledRun run) {
        SettledRun known = run.with(book);
        RunPlan plan = known.plan();
        SheetPlan refined = SheetPlanner.refine(
                plan.order(), plan.tools().trimmer(), book, Budget.about(FOR_SEVERAL), better -> {});
        RunPlan best = plan.withSheets(plan.planned().orBetter(refined));
        best.planned().papers().forEach(paper -> book.keep(paper.cutting(), true));
        return best;
    }

    private Planned planned(CardRun run) {
        return new Planned(run, inventory.shelf(), inventory.toolbox());
    }

    /** How the card of a kept design closes. */
    public CardFolding folding(Design design) {
        Tried tried = new Tried(design, inventory.materials());
        foldings.computeIfPresent(tried, (key, known) -> known.hasFailed() ? null : known);
        // Its review asks for it as well, at about the same time.
        return remembered(foldings, tried, each -> Errand.atOnce(() -> CardFolding.of(card(design))))
                .result();
    }

    /** Two requests may work the same out at once; neither waits for the other. */
    static <K, V> V remembered(Map<K, V> known, K key, Function<K, V> work) {
        return Optional.ofNullable(known.get(key)).orElseGet(() -> {
            V worked = work.apply(key);
            known.put(key, worked);
            return worked;
        });
    }

    /** Forgets what was not asked for longest. */
    static final class Recent<K, V> extends LinkedHashMap<K, V> {
        private static final long serialVersionUID = 1L;

        Recent() {
            super(REMEMBERED, 0.75f, true);
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
            return size() > REMEMBERED;
        }
    }
}
