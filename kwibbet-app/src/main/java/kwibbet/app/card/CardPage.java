package kwibbet.app.card;

import java.util.List;

import kwibbet.app.store.StoredDesign;
import kwibbet.app.web.Entries;
import kwibbet.app.web.Markup;
import kwibbet.bench.MakeStep;
import kwibbet.bench.RunPlan;
import kwibbet.bench.ScoreStep;
import kwibbet.bench.TrimStep;
import kwibbet.card.Card;
import kwibbet.card.Design;
import kwibbet.card.Face;
import kwibbet.card.Fit;
import kwibbet.card.Layer;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.drawing.Drawing;
import kwibbet.layout.SheetPlan.Lettered;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.picture.FinishedPicture;
import kwibbet.picture.FlatPicture;
import kwibbet.picture.Legend;
import kwibbet.picture.PiecePicture;
import kwibbet.picture.RulerPicture;
import kwibbet.picture.SheetPicture;
import kwibbet.picture.StepPicture;
import kwibbet.picture.TableScale;

/**
 * What the pages of one card show; it asks the core and adds nothing.
 *
 * @param stored the design and its version
 * @param plan everything worked out
 * @param looking what is looked at
 * @param entries the form that was sent last
 */
public record CardPage(StoredDesign stored, RunPlan plan, Looking looking, Entries entries) {

    /** Its address. */
    public String path() {
        return "/cards/" + stored.id();
    }

    public Design design() {
        return stored.design();
    }

    public MeasureSystem system() {
        return design().system();
    }

    public Card card() {
        return plan.card();
    }

    public Station[] stations() {
        return Station.values();
    }

    /** The live figure of a station on the run line. */
    public String figure(Station station) {
        return switch (station) {
            case CARD -> Markup.counted(card().pieces().size(), "piece", "pieces");
            case SHEETS ->
                plan.sheets().isComplete()
                        ? String.valueOf(plan.sheets().sheets())
                        : plan.sheets().sheets() + ", incomplete";
            case TRIM -> Markup.counted(plan.bench().trim().size(), "setting", "settings");
            case SCORE -> Markup.counted(plan.bench().score().size(), "setting", "settings");
            case MAKE -> Markup.counted(plan.bench().make().size(), "step", "steps");
        };
    }

    /** Whether something is wrong at a station. */
    public boolean isTroubled(Station station) {
        return station == Station.SHEETS
                && !(plan.sheets().isComplete() && plan.sheets().isInStock());
    }

    /** The piece in hand; the base when that piece is gone. */
    public Piece inHand() {
        return card().pieces().stream()
                .filter(piece -> piece.id().value().equals(looking.hand()))
                .findFirst()
                .orElse(card().base());
    }

    public boolean isBaseInHand() {
        return inHand().id().equals(PieceId.BASE);
    }

    /** The layer in hand; only asked when it is one. */
    public Layer layer() {
        return design().layer(inHand().id()).orElseThrow();
    }

    public boolean isByBorder() {
        String typed = entries.shown("fit", layer().fit() instanceof Fit.ByBorder ? "border" : "size");
        return typed.equals("border");
    }

    /** The border of the layer in hand as it is entered; 1/8 in or 3 mm to start from where its size is fixed. */
    public String border() {
        Length border = layer().fit() instanceof Fit.ByBorder fit
                ? fit.border()
                : system() == MeasureSystem.INCH ? Length.ofInches(1, 8) : Length.ofMillimetres(3);
        return Markup.entry(border, system());
    }

    public MeasureSystem[] systems() {
        return MeasureSystem.values();
    }

    /** What the layer in hand sits on, in words. */
    public String sitsOn() {
        return card().join(inHand().id())
                .map(join -> join.lower().equals(PieceId.BASE)
                        ? "the " + join.face().title()
                        : card().piece(join.lower()).map(Piece::name).orElse("") + ", on the "
                                + join.face().title())
                .orElse("");
    }

    public List<Parameter> parameters() {
        return design().base().parameters();
    }

    public boolean isLength(Parameter parameter) {
        return parameter instanceof Parameter.OfLength;
    }

    public List<Face> faces() {
        return card().form().faces();
    }

    public List<Pose> poses() {
        return card().form().poses();
    }

    public Pose pose() {
        return card().form().pose(looking.pose());
    }

    public List<Paper> papers() {
        return plan.shelf().papers();
    }

    /** What a piece's paper is called. */
    public String paperName(PaperId id) {
        return plan.shelf().find(id).map(Paper::name).orElse("no paper chosen");
    }

    private TableScale scale() {
        return TableScale.of(card());
    }

    public Drawing ruler() {
        return RulerPicture.aboveTable(card(), scale());
    }

    public Drawing flat() {
        return FlatPicture.of(card(), plan.shelf(), inHand().id(), scale());
    }

    public Drawing finished() {
        return FinishedPicture.onTable(card(), plan.shelf(), pose(), scale());
    }

    public Drawing chip(Piece piece) {
        return PiecePicture.chip(card(), piece, plan.shelf());
    }

    public Drawing sheet(Lettered sheet) {
        return SheetPicture.of(sheet, card());
    }

    public Drawing step(TrimStep step) {
        return StepPicture.of(step, system());
    }

    public Drawing step(ScoreStep step) {
        return StepPicture.of(step, plan.shelf(), system());
    }

    public Drawing step(MakeStep step) {
        return StepPicture.of(step, plan.shelf(), system());
    }

    public List<Legend.Entry> legend() {
        return looking.station() == Station.SHEETS ? Legend.SHEET : Legend.PIECE;
    }

    /** The layouts of one paper. */
    public List<Lettered> sheetsOf(Paper paper) {
        return plan.sheets().lettered().stream()
                .filter(lettered -> lettered.paper().equals(paper))
                .toList();
    }

    /** The name of a piece. */
    public String pieceName(PieceId id) {
        return card().piece(id).map(Piece::name).orElse(id.value());
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
