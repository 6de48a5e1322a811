package kwibbet.app.card;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.stream.Stream;

import kwibbet.app.fold.FoldStudy;
import kwibbet.app.store.KeptRun;
import kwibbet.app.store.Runs;
import kwibbet.app.store.SheetHunt;
import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.Entries;
import kwibbet.app.web.Markup;
import kwibbet.app.web.Walk;
import kwibbet.bench.PressSetting;
import kwibbet.bench.RunPlan;
import kwibbet.bench.ScoreStep;
import kwibbet.bench.ToolSetting;
import kwibbet.bench.TrimStep;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Face;
import kwibbet.card.Feature;
import kwibbet.card.Middles;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Side;
import kwibbet.card.SupplyList;
import kwibbet.card.base.Bases;
import kwibbet.card.feature.Features;
import kwibbet.card.feature.QuickWays;
import kwibbet.drawing.Drawing;
import kwibbet.fold.CardFolding;
import kwibbet.layout.Leftover;
import kwibbet.layout.PrintJob;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.layout.Thrift;
import kwibbet.making.Making;
import kwibbet.making.Pace;
import kwibbet.making.Way;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.picture.BoardPicture;
import kwibbet.picture.FinishedPicture;
import kwibbet.picture.FlatPicture;
import kwibbet.picture.Legend;
import kwibbet.picture.PiecePicture;
import kwibbet.picture.PressPicture;
import kwibbet.picture.RulerPicture;
import kwibbet.picture.SectionPicture;
import kwibbet.picture.SheetPicture;
import kwibbet.picture.StepPicture;
import kwibbet.picture.Table;
import kwibbet.picture.TrimmerPicture;
import kwibbet.review.Finding;
import kwibbet.run.CardRun;
import kwibbet.wording.Phrase;

/**
 * What the pages of one card show; it asks the core and adds nothing.
 *
 * @param stored the design and its version
 * @param worked everything worked out, and what is worth a look
 * @param folding how it closes
 * @param hunt the search for fewer sheets, where there is one
 * @param runs the runs of the card that are under way
 * @param pace how long the maker takes
 * @param own what of the maker's own can be chosen
 * @param looking what is looked at
 * @param form which form that was sent last; empty where none was
 * @param entries what was sent with it
 * @param drawings the card as it lies flat and finished, where they are drawn already
 * @param isAhead whether it is shown before what it takes is planned: the figures of that come after
 */
public record CardPage(
        StoredDesign stored,
        Workshop.Worked worked,
        CardFolding folding,
        Optional<SheetHunt> hunt,
        List<Runs.UnderWay> runs,
        Pace pace,
        OwnThings own,
        Looking looking,
        String form,
        Entries entries,
        Optional<Drawings> drawings,
        boolean isAhead) {

    /**
     * A card drawn.
     *
     * @param flat as it lies flat
     * @param finished as it is looked at finished
     */
    record Drawings(Drawing flat, Drawing finished) {}

    private static final int AT_ONCE = 3;

    private static final String ADD = "add";

    /** What was typed into one of the forms of the page, and what is wrong with it; as it is kept where another was sent. */
    public Entries typed(String which) {
        return form.equals(which) ? entries : Entries.none();
    }

    /** What was refused and has no field on the page to say it beside. */
    public List<String> loose() {
        return entries.messagesBut(shown());
    }

    private Set<String> shown() {
        Set<String> shown = new HashSet<>();
        switch (form) {
            case "name", "notes", "other-base", "die" -> shown.add(form);
            case "run" -> shown.addAll(List.of("make", "spares"));
            case ADD -> shown.addAll(List.of("feature", "on"));
            case OwnEdits.FORM -> shown.addAll(OwnEdits.FIELDS);
            case "base", "addition" -> shown.addAll(hand().fields());
            default -> {}
        }
        boolean isShown = looking.station() == Station.CARD
                || List.of("name", "run", OwnEdits.FORM).contains(form);
        return isShown ? shown : Set.of();
    }

    /** What the window is called, before the name of the application. */
    public String title() {
        String at = looking.station() == Station.CARD ? "" : looking.station().title() + ", ";
        return at + design().name();
    }

    /** The address that shows just what is looked at, so that it is in hand after a reload too. */
    public String here() {
        String more = looking.station() == Station.CARD
                ? "&pose=" + look()
                : "&at=" + looking.at()
                        + looking.way().map(way -> "&way=" + way.key()).orElse("");
        return stationPath() + "?held=" + hand().key() + more;
    }

    /** What those hear who cannot see what a change did: the size, the pieces, what is worth a look. */
    public String said() {
        int worth = worked.found().size();
        return Phrase.in(system())
                .size(card().form().finished())
                .words(" shut, " + Markup.counted(card().pieces().size(), "piece", "pieces")
                        + (worth == 0 ? "." : ", " + worth + " worth a look."))
                .end()
                .text();
    }

    /** Its address. */
    public String path() {
        return "/cards/" + stored.id();
    }

    public Design design() {
        return stored.design();
    }

    /** The run that comes with it. */
    public CardRun run() {
        return stored.run();
    }

    public RunPlan plan() {
        return worked.plan();
    }

    public List<Finding> findings() {
        return worked.findings();
    }

    public MeasureSystem system() {
        return design().system();
    }

    /** The address of the station that is shown. */
    public String stationPath() {
        return path() + looking.station().path();
    }

    /** Whether the station is one at the bench. */
    public boolean isAtBench() {
        return looking.station().compareTo(Station.SHEETS) > 0;
    }

    /** The run of this card that somebody works at; nothing where none is begun. */
    public Optional<KeptRun> begun() {
        return runs.stream()
                .map(Runs.UnderWay::run)
                .filter(run -> run.ofCard() && run.progress().isBegun())
                .findFirst();
    }

    /** Whether fewer sheets are being looked for. */
    public boolean isHunting() {
        return hunt.filter(SheetHunt::isOn).isPresent();
    }

    public Card card() {
        return worked.card();
    }

    /** What the maker works on, and what can be set of it. */
    public InHand hand() {
        InHand.AtHand atHand = new InHand.AtHand(papers(), worked.tools().dies(), own);
        return new InHand(looking.hand(), card(), atHand, form, entries);
    }

    public Station[] stations() {
        return Station.values();
    }

    /** Where the figures come from that are not there yet. */
    public String figuresPath() {
        return path() + "/figures?station=" + looking.station().word();
    }

    /** Whether the figure of a station comes after. */
    public boolean isAwaited(Station station) {
        return isAhead && station.compareTo(Station.FOLD) > 0;
    }

    /** Whether its sheets are all there are, and no plan can use fewer. */
    public boolean isFewest(Station station) {
        return station == Station.SHEETS
                && !isAwaited(station)
                && plan().sheets().isComplete()
                && plan().sheets().isProven();
    }

    /** The live figure of a station on the run line; nothing where that comes after. */
    public String figure(Station station) {
        return isAwaited(station) ? "" : figureNow(station);
    }

    private String figureNow(Station station) {
        return switch (station) {
            case CARD -> Markup.counted(card().pieces().size(), "piece", "pieces");
            case FOLD -> FoldStudy.reading(folding.folding(), folding.sequence());
            case SHEETS ->
                plan().sheets().isComplete()
                        ? String.valueOf(plan().sheets().sheets())
                        : plan().sheets().sheets() + ", incomplete";
            case TRIM -> Markup.counted(plan().bench().trim().settings().size(), "setting", "settings");
            case SCORE -> Markup.counted(plan().bench().score().settings().size(), "setting", "settings");
            case PRESS ->
                plan().bench().press().plan().passes() == 0
                        ? "none"
                        : Markup.counted(plan().bench().press().plan().passes(), "pass", "passes");
            case MAKE -> Markup.counted(making().told().size(), "step", "steps");
        };
    }

    /** Whether something is wrong at a station. */
    public boolean isTroubled(Station station) {
        if (station == Station.CARD) {
            return worked.found().stream().anyMatch(finding -> finding.severity() != Finding.Severity.NOTE);
        }
        if (station == Station.FOLD) {
            return folding.sequence().isEmpty();
        }
        return station == Station.SHEETS
                && !isAwaited(station)
                && !(plan().sheets().isComplete() && plan().sheets().isInStock());
    }

    /** What is used up besides paper, in words: the same thing for several places in one line. */
    public List<Phrase> supplies() {
        return SupplyList.of(card()).stream().map(line -> line.words(system())).toList();
    }

    /** The border of a mat as it is usual in the maker's system. */
    public Length usualBorder() {
        return QuickWays.usualBorder(design());
    }

    /** What it can be folded as. */
    public List<Base> bases() {
        return Bases.ALL;
    }

    /** What can be added. */
    public List<Feature> features() {
        return Features.ALL;
    }

    public Thrift[] thrifts() {
        return Thrift.values();
    }

    public MeasureSystem[] systems() {
        return MeasureSystem.values();
    }

    public List<Face> faces() {
        return card().faces();
    }

    public List<Pose> poses() {
        return card().form().poses();
    }

    public Pose pose() {
        return card().form().pose(looking.pose());
    }

    public List<Paper> papers() {
        return worked.shelf().papers();
    }

    /** Whether what is in hand is cut with something else than the die that was chosen for it. */
    public boolean isChosenDieIdle() {
        return hand().isChosenDieIdle(worked.press());
    }

    /** How many of each piece there are, and what it is cut from: its paper, or the middle of another piece. */
    public Map<Piece, String> cutFrom() {
        Middles middles = Middles.of(card(), worked.press()::cutsOut);
        Map<Piece, String> cutFrom = new LinkedHashMap<>();
        card().pieces()
                .forEach(piece -> cutFrom.put(
                        piece,
                        "× " + run().copies().cards() + ", "
                                + middles.of(piece)
                                        .map(middle -> "from the middle of "
                                                + middle.of().name())
                                        .orElseGet(() -> paperName(piece.paper()))));
        return cutFrom;
    }

    private String paperName(PaperId id) {
        return worked.shelf().find(id).map(Paper::name).orElse("no paper chosen");
    }

    /** Where the card lies flat and finished. */
    public Table table() {
        return looking.isSection() ? Table.ofSection(card(), hand().piece()) : Table.of(card(), hand().piece(), pose());
    }

    public Drawing ruler() {
        return RulerPicture.aboveTable(card(), table().flat());
    }

    /**
     * This with the card drawn, which can be done while the rest is still being worked out.
     *
     * @param beside what draws one of the two while the other is drawn
     */
    CardPage withDrawings(Executor beside) {
        // Both say where something is worth a look.
        worked.found();
        CompletableFuture<Drawing> flat = CompletableFuture.supplyAsync(this::flat, beside);
        Drawing finished = finished();
        return new CardPage(
                stored,
                worked,
                folding,
                hunt,
                runs,
                pace,
                own,
                looking,
                form,
                entries,
                Optional.of(new Drawings(flat.join(), finished)),
                isAhead);
    }

    public Drawing flat() {
        return drawings.map(Drawings::flat)
                .orElseGet(() ->
                        FlatPicture.of(card(), worked.shelf(), hand().piece().id(), table().flat(), worked.found()));
    }

    /**
     * A way to look at the finished card.
     *
     * @param key names it in an address
     * @param title what makers call it
     */
    public record Look(String key, String title) {}

    /** The poses of the card, and the sections. */
    public List<Look> looks() {
        List<Look> looks = new ArrayList<>();
        poses().forEach(pose -> looks.add(new Look(pose.key(), pose.title())));
        looks.add(new Look(Looking.SECTION, "section"));
        return looks;
    }

    /** The key of the way it is looked at. */
    public String look() {
        return looks().stream()
                .map(Look::key)
                .filter(key -> key.equals(looking.pose()))
                .findFirst()
                .orElse(pose().key());
    }

    public Drawing finished() {
        return drawings.map(Drawings::finished).orElseGet(this::drawnFinished);
    }

    private Drawing drawnFinished() {
        return looking.isSection()
                ? SectionPicture.onTable(card(), worked.shelf(), table().finished())
                : FinishedPicture.onTable(
                        card(), worked.shelf(), worked.view(pose()), table().finished(), worked.found());
    }

    public Drawing chip(Piece piece) {
        return PiecePicture.chip(card(), piece, worked.shelf());
    }

    public Drawing sheet(Lettered sheet) {
        return SheetPicture.of(
                sheet,
                plan().bench().trim().numbersOn(sheet),
                plan().bench().trim().marks());
    }

    /** What is printed before anything is cut. */
    public PrintJob printing() {
        return PrintJob.of(plan().sheets());
    }

    /** All layouts at a look, where there are more than can be seen at once at their full size. */
    public List<Lettered> overview() {
        List<Lettered> all = plan().sheets().lettered();
        return all.size() > AT_ONCE ? all : List.of();
    }

    public Drawing small(Lettered sheet) {
        return SheetPicture.small(sheet);
    }

    /** What the paper costs, for all cards and for one; nothing where a price is not known. */
    public Optional<String> cost() {
        return plan().cents().filter(cents -> cents > 0).flatMap(cents -> plan().paperOfOneCard()
                .map(one ->
                        "The paper costs " + BigDecimal.valueOf(cents, 2) + ", " + one.toPlainString() + " a card."));
    }

    /** What is left of a sheet, and what else it could give. */
    public List<Leftover> leftovers(Lettered sheet) {
        return Leftover.of(sheet);
    }

    /** How it closes, step by step. */
    public FoldStudy fold() {
        return FoldStudy.of(card(), folding, plan().shelf());
    }

    /** The settings of the tool of this station. */
    private List<? extends ToolSetting> settings() {
        return switch (looking.station()) {
            case SCORE -> plan().bench().score().settings();
            case PRESS -> plan().bench().press().settings();
            default -> plan().bench().trim().settings();
        };
    }

    /** Where the maker is among the settings; at the last where there are not so many. */
    public Walk walk() {
        int last = settings().size();
        int at = Math.max(1, Math.min(looking.at(), last));
        return new Walk(stationPath(), 1, at, last, "");
    }

    /** Where the maker is among the steps of making; at the last where there are not so many. */
    public Walk walk(Making making) {
        int last = making.told().size();
        int at = Math.max(1, Math.min(looking.at(), last));
        return new Walk(
                stationPath(),
                1,
                at,
                last,
                looking.way().map(way -> "&way=" + way.key()).orElse(""));
    }

    /** The step that is being done. */
    public Making.Told stepInHand(Making making) {
        return making.told().get(walk(making).at() - 1);
    }

    /** How long hands are busy with all copies. */
    public String minutes(Making making) {
        return pace.total(making, plan().copies().cards()).words();
    }

    /** How long a step takes: for one card, or for all in a row. */
    public String minutes(Making making, Making.Told step) {
        return pace.words(making, step, plan().copies().cards());
    }

    /** Where a step of the maker's own can be done: each face of each piece. */
    public List<OwnPlace> ownPlaces() {
        return card().pieces().stream()
                .flatMap(piece -> Stream.of(Side.values()).map(side -> OwnPlace.of(piece, side)))
                .toList();
    }

    /**
     * A face of a piece on which something of one's own can be done.
     *
     * @param key names it in a form
     * @param title what makers call it
     */
    public record OwnPlace(String key, String title) {
        static OwnPlace of(Piece piece, Side side) {
            boolean isBase = piece.id().equals(PieceId.BASE);
            String face = side == Side.UP ? (isBase ? ", inside" : ", front") : isBase ? ", outside" : ", back";
            return new OwnPlace(keyOf(piece, side), piece.name() + face);
        }

        private static String keyOf(Piece piece, Side side) {
            return piece.id().value() + " " + side.name();
        }
    }

    /** The face that is up in a step. */
    public String ownPlaceOf(Making.Told step) {
        return OwnPlace.keyOf(step.lead().piece(), step.lead().face());
    }

    /** The setting that is being done. */
    public ToolSetting setting() {
        return settings().get(walk().at() - 1);
    }

    public Drawing step(TrimStep step) {
        return TrimmerPicture.of(
                step,
                plan().tools().trimmer(),
                plan().tools().hand(),
                plan().bench().trim().marks());
    }

    public Drawing step(ScoreStep step) {
        return BoardPicture.of(step, plan().tools(), plan().shelf(), system());
    }

    public Drawing bed(PressSetting setting) {
        return PressPicture.of(setting, plan().tools().press(), plan().tools().hand(), plan().shelf(), system());
    }

    /** What is cut by hand, in the order of the press plan. */
    public List<Drawing> handCuts() {
        return StepPicture.handCuts(plan().bench().press().plan(), plan().shelf(), system());
    }

    /** How its copies are made: as the maker says, or as is usual. */
    public Way way() {
        return looking.way().orElse(Way.usual(run().copies()));
    }

    /** The ways to choose from. */
    public List<Way> ways() {
        return List.of(Way.values());
    }

    /** How it is made, one way or the other. */
    public Making making() {
        return worked.making(way());
    }

    public Drawing step(Making making, Making.Told step) {
        return StepPicture.of(making, step, plan().shelf(), system());
    }

    public List<Legend.Entry> legend() {
        return looking.station() == Station.SHEETS ? Legend.SHEET : Legend.PIECE;
    }

    /** The layouts of one paper. */
    public List<Lettered> sheetsOf(Paper paper) {
        return plan().sheets().lettered().stream()
                .filter(lettered -> lettered.paper().equals(paper))
                .toList();
    }

    /** What undo would do, for its button. */
    public String undoTitle() {
        return stored.undo().map(label -> "Undo: " + label).orElse("Nothing to undo");
    }

    /** What redo would do, for its button. */
    public String redoTitle() {
        return stored.redo().map(label -> "Redo: " + label).orElse("Nothing to redo");
    }
}
