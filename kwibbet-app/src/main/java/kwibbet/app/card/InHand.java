package kwibbet.app.card;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import kwibbet.app.web.Entries;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Craft;
import kwibbet.card.Cutter;
import kwibbet.card.Face;
import kwibbet.card.Host;
import kwibbet.card.Join;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.feature.Mat;
import kwibbet.card.feature.QuickWays;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.press.PressPlan;
import kwibbet.tool.Die;
import kwibbet.wording.Phrase;

/**
 * What the maker works on: a piece, or an addition without a piece of its own.
 *
 * @param asked the id asked for; anything that is not there stands for the base
 * @param card the card
 * @param atHand what there is to make it from and with
 * @param form which form was sent last
 * @param entries what was sent with it
 */
public record InHand(String asked, Card card, AtHand atHand, String form, Entries entries) {

    /**
     * What there is to make it from and with.
     *
     * @param papers what is on the shelf
     * @param dies the dies at hand
     * @param own what of the maker's own can be chosen
     */
    public record AtHand(List<Paper> papers, List<Die> dies, OwnThings own) {
        /** Copies the lists. */
        public AtHand {
            papers = List.copyOf(papers);
            dies = List.copyOf(dies);
        }
    }

    private Entries typed(String which) {
        return form.equals(which) ? entries : Entries.none();
    }

    /** The names of all fields that are shown of it. */
    Set<String> fields() {
        Set<String> names = new HashSet<>(isOfBase() ? Set.of() : Set.of("name", "on"));
        (isOfBase() ? baseFields() : additionFields()).forEach(field -> names.add(field.name()));
        (isOfBase() ? basePapers() : additionPapers()).forEach(paper -> names.add(paper.field()));
        return names;
    }

    /** The piece in hand; that which is worked on where an addition without a piece of its own is in hand; otherwise the base. */
    public Piece piece() {
        return pieceOf(asked).or(() -> work().flatMap(this::workedOn)).orElse(card.base());
    }

    private Optional<Piece> pieceOf(String id) {
        return card.pieces().stream()
                .filter(piece -> piece.id().value().equals(id))
                .findFirst();
    }

    /** The addition in hand that has no piece of its own, if it is one. */
    private Optional<Addition> work() {
        return works().stream()
                .filter(addition -> addition.id().value().equals(asked))
                .findFirst();
    }

    /** The additions without a piece of their own: openings, slits, surface work, findings set in. */
    public List<Addition> works() {
        return card.design().additions().stream()
                .filter(addition -> pieceOf(addition.id().value()).isEmpty())
                .toList();
    }

    private Optional<Piece> workedOn(Addition addition) {
        if (addition.host() instanceof Host.OnPiece on) {
            return card.piece(on.piece());
        }
        return card.face(((Host.OnFace) addition.host()).face())
                .flatMap(face -> card.panel(face.panel()))
                .flatMap(panel -> card.piece(panel.piece()));
    }

    /** The id of what is in hand: a piece, or an addition without one. */
    public String key() {
        return work().map(addition -> addition.id().value()).orElse(piece().id().value());
    }

    /** What is in hand, as the maker calls it. */
    public String name() {
        return work().map(Addition::name).orElse(piece().name());
    }

    public boolean isBase() {
        return key().equals(PieceId.BASE.value());
    }

    /** The addition the piece in hand belongs to; only asked when it is not one of the base's. */
    public Addition addition() {
        return work().or(() -> card.additionOf(piece().id()))
                .orElseThrow(() -> new IllegalStateException(
                        "an addition is asked for of " + piece().id().value() + ", which is of the base"));
    }

    /** Whether the piece in hand is one of the base's own. */
    public boolean isOfBase() {
        return work().isEmpty() && card.additionOf(piece().id()).isEmpty();
    }

    /** What can be set of the base. */
    public List<Field> baseFields() {
        return Field.of(
                card.design().base(),
                card.design().present(),
                typed("base"),
                card.design().system(),
                atHand.own());
    }

    /** What can be set of the addition in hand. */
    public List<Field> additionFields() {
        return Field.of(
                addition().feature(),
                card.design().present(addition()),
                typed("addition"),
                card.design().system(),
                atHand.own());
    }

    /** Whether a picture of the maker's own can be brought for what is in hand. */
    public boolean takesPicture() {
        return addition().feature().parameters().stream()
                .anyMatch(parameter -> parameter instanceof Parameter.OfChoice choice && choice.takesArtwork());
    }

    /** The paper fields of the base. */
    public List<PaperField> basePapers() {
        return papersOf(card.design().base(), card.design().papers());
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
                        card.materials().paper(slot, chosen).value(),
                        fitting(slot)))
                .toList();
    }

    /** The papers that can be in a slot: films for film, foam for foam, anything that is neither for the rest. */
    private List<Paper> fitting(PaperSlot slot) {
        return atHand.papers().stream()
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
        for (Face face : card.faces()) {
            places.add(new Place(face.id().value(), face.title()));
        }
        for (Join join : card.joins()) {
            if (card.design().addition(join.upper()).isPresent()) {
                places.add(new Place(join.upper().value(), card.nameOf(join.upper())));
            }
        }
        return places;
    }

    /** Where the addition in hand is. */
    public String place() {
        Host host = addition().host();
        return host instanceof Host.OnFace face
                ? face.face().value()
                : ((Host.OnPiece) host).piece().value();
    }

    /** Where the next thing goes until another place is chosen: on top of the panel that was touched or chosen, on what is in hand, or on top of the front. */
    public String nextPlace() {
        String chosen = form.isEmpty() || form.equals("add") ? entries.words("on") : "";
        Optional<Face> face = face(chosen);
        if (face.isPresent() && entries.areGood()) {
            return onTopOf(face.get());
        }
        if (places().stream().anyMatch(place -> place.value().equals(chosen))) {
            return chosen;
        }
        if (!isOfBase() && card.design().addition(piece().id()).isPresent()) {
            return piece().id().value();
        }
        return onTopOf(card.faces().get(0));
    }

    private String onTopOf(Face touched) {
        Host top = card.design().topOf(new Host.OnFace(touched.id()));
        return top instanceof Host.OnFace face
                ? face.face().value()
                : ((Host.OnPiece) top).piece().value();
    }

    private Craft craft() {
        return isOfBase() ? card.design().base() : addition().feature();
    }

    private Settings settings() {
        return isOfBase() ? card.design().present() : card.design().present(addition());
    }

    /**
     * What can cut what is in hand.
     *
     * @param id the id of a die, {@link #BY_HAND}, or nothing where that is left open
     * @param words what it is
     * @param isChosen whether it is to
     */
    public record DieChoice(String id, String words, boolean isChosen) {
        /** Stands for a knife or scissors; no die is called that. */
        static final String BY_HAND = "by hand";
    }

    /** The dies that can cut what is in hand, and what can be said instead; nothing where none can. */
    public List<DieChoice> dieChoices() {
        if (isOfBase() && !isBase()) {
            return List.of();
        }
        Settings now = settings();
        List<DieChoice> choices = new ArrayList<>(List.of(
                new DieChoice("", "whichever of my dies cuts it", now.cutter() instanceof Cutter.Any),
                new DieChoice(DieChoice.BY_HAND, "no die: by hand", now.cutter() instanceof Cutter.ByHand)));
        for (Die die : atHand.dies()) {
            boolean isChosen = now.cutter().equals(new Cutter.ByDie(die.id()));
            craft().cutWith(now, die)
                    .ifPresent(cut -> choices.add(new DieChoice(die.id().value(), words(die), isChosen)));
        }
        if (choices.stream().noneMatch(DieChoice::isChosen) && now.cutter() instanceof Cutter.ByDie gone) {
            choices.add(new DieChoice(gone.die().value(), "a die that is not there, or cannot cut it", true));
        }
        return choices.size() == 2 && now.cutter() instanceof Cutter.Any ? List.of() : choices;
    }

    /** Whether a die was chosen that cuts nothing of it as it goes through the press. */
    boolean isChosenDieIdle(PressPlan press) {
        return settings().cutter() instanceof Cutter.ByDie chosen
                && !press.cuts(chosen.die(), card, isOfBase() ? Optional.empty() : Optional.of(addition()));
    }

    private String words(Die die) {
        return Phrase.in(card.design().system())
                .words(die.name() + ", ")
                .size(die.shape().size())
                .end()
                .text();
    }

    /** Whether a face was touched, to put something on it. */
    public boolean isTouched() {
        return touched().isPresent();
    }

    private Optional<Face> touched() {
        return face(form.isEmpty() ? entries.words("on") : "");
    }

    private Optional<Face> face(String id) {
        return card.faces().stream()
                .filter(face -> face.id().value().equals(id))
                .findFirst();
    }

    /** What lights in the drawings: the face that was touched, or what is in hand. */
    public String lit() {
        return touched().map(face -> "face:" + face.id().value()).orElseGet(this::key);
    }

    /** Whether what is in hand can be made once more. */
    public boolean canBeMadeOnceMore() {
        return QuickWays.canBeMadeOnceMore(card, new PieceId(key()));
    }

    /** Whether a mat is in hand that another can be set on. */
    public boolean canStepDown() {
        return card.design()
                .addition(piece().id())
                .filter(addition -> addition.feature() instanceof Mat)
                .isPresent();
    }
}
