package kwibbet.app.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import kwibbet.app.store.StoredDesign;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.Entries;
import kwibbet.app.web.Markup;
import kwibbet.bench.MakeStep;
import kwibbet.bench.RunPlan;
import kwibbet.bench.ScoreStep;
import kwibbet.bench.TrimStep;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Craft;
import kwibbet.card.Design;
import kwibbet.card.Face;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.PaperSlot;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.SupplyList;
import kwibbet.card.feature.Features;
import kwibbet.card.feature.Mat;
import kwibbet.card.feature.QuickWays;
import kwibbet.drawing.Drawing;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.picture.FinishedPicture;
import kwibbet.picture.FlatPicture;
import kwibbet.picture.Legend;
import kwibbet.picture.PiecePicture;
import kwibbet.picture.RulerPicture;
import kwibbet.picture.SectionPicture;
import kwibbet.picture.SheetPicture;
import kwibbet.picture.StepPicture;
import kwibbet.review.Finding;
import kwibbet.wording.Phrase;

/**
 * What the pages of one card show; it asks the core and adds nothing.
 *
 * @param stored the design and its version
 * @param worked everything worked out, and what is worth a look
 * @param looking what is looked at
 * @param entries the form that was sent last
 */
public record CardPage(StoredDesign stored, Workshop.Worked worked, Looking looking, Entries entries) {

    private static final String SECTION = "section";
    private static final String THICK_SECTION = "section-thick";

    /** Its address. */
    public String path() {
        return "/cards/" + stored.id();
    }

    public Design design() {
        return stored.design();
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

    public Card card() {
        return plan().card();
    }

    public Station[] stations() {
        return Station.values();
    }

    /** The live figure of a station on the run line. */
    public String figure(Station station) {
        return switch (station) {
            case CARD -> Markup.counted(card().pieces().size(), "piece", "pieces");
            case SHEETS ->
                plan().sheets().isComplete()
                        ? String.valueOf(plan().sheets().sheets())
                        : plan().sheets().sheets() + ", incomplete";
            case TRIM -> Markup.counted(plan().bench().trim().size(), "setting", "settings");
            case SCORE -> Markup.counted(plan().bench().score().size(), "setting", "settings");
            case MAKE -> Markup.counted(plan().bench().make().size(), "step", "steps");
        };
    }

    /** Whether something is wrong at a station. */
    public boolean isTroubled(Station station) {
        if (station == Station.CARD) {
            return findings().stream().anyMatch(finding -> finding.severity() != Finding.Severity.NOTE);
        }
        return station == Station.SHEETS
                && !(plan().sheets().isComplete() && plan().sheets().isInStock());
    }

    /** The piece in hand; that which is worked on where an addition without a piece of its own is in hand; otherwise the base. */
    public Piece inHand() {
        return pieceOf(looking.hand())
                .or(() -> workInHand().flatMap(this::workedOn))
                .orElse(card().base());
    }

    private Optional<Piece> pieceOf(String id) {
        return card().pieces().stream()
                .filter(piece -> piece.id().value().equals(id))
                .findFirst();
    }

    /** The addition in hand that has no piece of its own, if it is one. */
    private Optional<Addition> workInHand() {
        return works().stream()
                .filter(addition -> addition.id().value().equals(looking.hand()))
                .findFirst();
    }

    /** The additions without a piece of their own: openings, slits, surface work, findings set in. */
    public List<Addition> works() {
        return design().additions().stream()
                .filter(addition -> pieceOf(addition.id().value()).isEmpty())
                .toList();
    }

    private Optional<Piece> workedOn(Addition addition) {
        if (addition.host() instanceof Host.OnPiece on) {
            return card().piece(on.piece());
        }
        return card().face(((Host.OnFace) addition.host()).face())
                .flatMap(face -> card().panel(face.panel()))
                .flatMap(panel -> card().piece(panel.piece()));
    }

    /** The id of what is in hand: a piece, or an addition without one. */
    public String handId() {
        return workInHand()
                .map(addition -> addition.id().value())
                .orElse(inHand().id().value());
    }

    /** What is in hand, as the maker calls it. */
    public String handName() {
        return workInHand().map(Addition::name).orElse(inHand().name());
    }

    public boolean isBaseInHand() {
        return handId().equals(PieceId.BASE.value());
    }

    /** The addition the piece in hand belongs to; only asked when it is not one of the base's. */
    public Addition addition() {
        return workInHand().or(() -> card().additionOf(inHand().id())).orElseThrow();
    }

    /** Whether the piece in hand is one of the base's own. */
    public boolean isOfBase() {
        return workInHand().isEmpty() && card().additionOf(inHand().id()).isEmpty();
    }

    /** What can be set of the base. */
    public List<Field> baseFields() {
        return Field.of(design().base(), design().present(), entries, system());
    }

    /** What can be set of the addition in hand. */
    public List<Field> additionFields() {
        return Field.of(addition().feature(), design().present(addition()), entries, system());
    }

    /** The paper fields of the base. */
    public List<PaperField> basePapers() {
        return papersOf(design().base(), design().papers());
    }

    /** The paper fields of the addition in hand. */
    public List<PaperField> additionPapers() {
        return papersOf(addition().feature(), addition().papers());
    }

    private List<PaperField> papersOf(Craft craft, Map<String, PaperId> chosen) {
        return craft.papers().stream()
                .map(slot -> new PaperField(
                        fieldOf(slot),
                        slot.label(),
                        card().materials().paper(slot, chosen).value(),
                        fitting(slot)))
                .toList();
    }

    /** The papers that can be in a slot: films for film, foam for foam, anything that is neither for the rest. */
    private List<Paper> fitting(PaperSlot slot) {
        List<Paper> all = papers();
        return all.stream()
                .filter(paper -> slot.kind() == PaperKind.CARD_STOCK
                        ? paper.kind() != PaperKind.FILM && paper.kind() != PaperKind.FOAM
                        : paper.kind() == slot.kind())
                .toList();
    }

    /** The name of the form field of a paper slot. */
    static String fieldOf(PaperSlot slot) {
        return slot.equals(PaperSlot.PAPER) ? "paper" : "paper-" + slot.key();
    }

    /**
     * A choice of paper.
     *
     * @param field its name in the form
     * @param label what makers call it
     * @param chosen the id of the paper
     * @param papers what can be chosen
     */
    public record PaperField(String field, String label, String chosen, List<Paper> papers) {}

    /**
     * A place something can be put.
     *
     * @param value its value in a form
     * @param title what makers call it
     */
    public record Place(String value, String title) {}

    /** Every face, and every piece that lies on it. */
    public List<Place> places() {
        List<Place> places = new ArrayList<>();
        for (Face face : card().faces()) {
            places.add(new Place(face.key(), face.title()));
        }
        for (Join join : card().joins()) {
            if (design().addition(join.upper()).isPresent()) {
                places.add(new Place(join.upper().value(), card().nameOf(join.upper())));
            }
        }
        return places;
    }

    /** Where the addition in hand is. */
    public String placeInHand() {
        Host host = addition().host();
        return host instanceof Host.OnFace face
                ? face.face()
                : ((Host.OnPiece) host).piece().value();
    }

    /** Where the next thing goes until another place is chosen: on what is in hand, or on top of the front. */
    public String nextPlace() {
        String asked = entries.words("on");
        if (places().stream().anyMatch(place -> place.value().equals(asked))) {
            return asked;
        }
        if (!isOfBase() && design().addition(inHand().id()).isPresent()) {
            return inHand().id().value();
        }
        Host top = design().topOf(new Host.OnFace(faces().get(0).key()));
        return top instanceof Host.OnFace face
                ? face.face()
                : ((Host.OnPiece) top).piece().value();
    }

    /** What is used up besides paper, in words: the same thing for several places in one line. */
    public List<Phrase> supplies() {
        return SupplyList.of(card()).stream().map(line -> line.words(system())).toList();
    }

    /** The border of a mat as it is usual in the maker's system. */
    public Length usualBorder() {
        return QuickWays.usualBorder(design());
    }

    /** Whether a mat is in hand that another can be set on. */
    public boolean canStepDown() {
        return design().addition(inHand().id())
                .filter(addition -> addition.feature() instanceof Mat)
                .isPresent();
    }

    /** What can be added. */
    public List<Feature> features() {
        return Features.ALL;
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
        return plan().shelf().papers();
    }

    /** What a piece's paper is called. */
    public String paperName(PaperId id) {
        return plan().shelf().find(id).map(Paper::name).orElse("no paper chosen");
    }

    public Drawing ruler() {
        return RulerPicture.aboveTable(card(), worked.scale());
    }

    public Drawing flat() {
        return FlatPicture.of(card(), plan().shelf(), inHand().id(), worked.scale(), findings());
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
        looks.add(new Look(SECTION, "section"));
        if (isSection()) {
            looks.add(new Look(THICK_SECTION, "thicker"));
        }
        return looks;
    }

    private boolean isSection() {
        return looking.pose().startsWith(SECTION);
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
        if (isSection()) {
            int exaggeration = looking.pose().equals(THICK_SECTION) ? SectionPicture.EXAGGERATED : 1;
            return SectionPicture.onTable(card(), plan().shelf(), worked.scale(), exaggeration);
        }
        return FinishedPicture.onTable(card(), plan().shelf(), pose(), worked.scale(), findings());
    }

    public Drawing chip(Piece piece) {
        return PiecePicture.chip(card(), piece, plan().shelf());
    }

    public Drawing sheet(Lettered sheet) {
        return SheetPicture.of(sheet, card());
    }

    public Drawing step(TrimStep step) {
        return StepPicture.of(step, system());
    }

    public Drawing step(ScoreStep step) {
        return StepPicture.of(step, plan().shelf(), system());
    }

    public Drawing step(MakeStep step) {
        return StepPicture.of(step, plan().shelf(), system());
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
