package kwibbet.app.card;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Component;

import kwibbet.app.store.Artworks;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.Entries;
import kwibbet.app.web.Markup;
import kwibbet.artwork.Artwork;
import kwibbet.card.Addition;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.Copies;
import kwibbet.card.Craft;
import kwibbet.card.Cutter;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.Materials;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.PieceId;
import kwibbet.card.Score;
import kwibbet.card.Settings;
import kwibbet.card.base.Bases;
import kwibbet.card.feature.Beginnings;
import kwibbet.card.feature.Features;
import kwibbet.card.feature.Moves;
import kwibbet.card.feature.OtherBase;
import kwibbet.card.feature.PrintedPicture;
import kwibbet.card.feature.QuickWays;
import kwibbet.layout.Thrift;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.outline.OwnShape;
import kwibbet.paper.PaperId;
import kwibbet.review.Finding;
import kwibbet.review.Review;
import kwibbet.run.CardRun;
import kwibbet.shape.Edge;
import kwibbet.shape.Size;

/** Turns a sent form into a changed design; what cannot be made is noted in the entries and changes nothing. */
@Component
class CardEdits {

    /** The quick way that makes a thing a second time. */
    static final String ONCE_MORE = "once-more";

    /** Before the key of a score, where a score of the base is what was dragged. */
    private static final String SCORE = "score:";

    /** No paper is longer than so many marks of any trimmer. */
    private static final int MOST_MARKS = 10_000;

    private final Inventory inventory;
    private final Artworks artworks;
    private final Workshop workshop;

    CardEdits(Inventory inventory, Artworks artworks, Workshop workshop) {
        this.inventory = inventory;
        this.artworks = artworks;
        this.workshop = workshop;
    }

    /** The base form. Where only the size was changed, what is on the card grows with it. */
    Optional<Design> base(Design design, Entries entries) {
        Settings before = design.present();
        Settings after = design.base().continued(before, read(design.base(), before, entries, design.system()));
        if (!entries.areGood()) {
            return Optional.empty();
        }
        Size finished = design.base().finished(after);
        Base base = design.base();
        Design changed = base.sized(before, finished).equals(base.sized(after, finished))
                ? design.resized(finished)
                : design.settled().with(after);
        Map<String, PaperId> papers = papers(design.base(), design.papers(), entries);
        boolean alongGrain =
                entries.has("asks-foldAlongGrain") ? entries.isTicked("foldAlongGrain") : design.foldAlongGrain();
        return checked(changed.withPapers(papers, alongGrain), entries, "");
    }

    /** The card on another base; what does not fit there is named. */
    Optional<Design> otherBase(Card card, Entries entries) {
        Optional<Base> base = Bases.find(entries.words("other-base"));
        if (base.isEmpty()) {
            entries.refuse("other-base", "Choose how it folds.");
            return Optional.empty();
        }
        if (base.get().equals(card.design().base())) {
            return Optional.of(card.design());
        }
        Outcome<OtherBase> other = OtherBase.of(card, base.get());
        other.reasons()
                .forEach(reason -> entries.refuse(
                        "other-base",
                        "At this size it cannot be made a " + lower(base.get()) + ": " + reason.message()));
        if (!(other instanceof Outcome.Made<OtherBase> made)) {
            return Optional.empty();
        }
        Optional<Design> design = checked(made.value().design(), entries, "");
        List<String> names = made.value().leftOut().stream().map(Addition::name).toList();
        if (!names.isEmpty()) {
            entries.refuse(
                    "other-base",
                    "Left out, since a " + lower(base.get()) + " has no place for it: " + String.join(", ", names)
                            + ". Undo brings it back.");
        }
        return design;
    }

    private static String lower(Base base) {
        return base.title().toLowerCase(Locale.ROOT);
    }

    /** A feature where the form says, at a size that suits the place. */
    Optional<Design> add(Card card, Entries entries) {
        Design design = card.design();
        Optional<Feature> feature = Features.find(entries.words("feature"));
        Optional<Host> host = host(card, entries);
        if (feature.isEmpty()) {
            entries.refuse("feature", "Choose what to add.");
        }
        if (host.isEmpty()) {
            entries.refuse("on", "Choose where it goes.");
        }
        if (feature.isEmpty() || host.isEmpty()) {
            return Optional.empty();
        }
        Settings settings = Beginnings.of(feature.get(), card, host.get());
        settings = read(feature.get(), settings, entries, design.system());
        Map<String, PaperId> start = Map.of(PaperSlot.PAPER.key(), Beginnings.paper(card, host.get()));
        Map<String, PaperId> papers = papers(feature.get(), start, entries);
        Addition addition = design.next(feature.get(), host.get(), settings, papers);
        return checked(design.settled().plus(addition), entries, addition.id().value());
    }

    private static Optional<Host> host(Card card, Entries entries) {
        String on = entries.words("on");
        Optional<FaceId> face = FaceId.parse(on).filter(id -> card.face(id).isPresent());
        if (face.isPresent()) {
            return Optional.of(new Host.OnFace(face.get()));
        }
        return PieceId.isOne(on) && card.piece(new PieceId(on)).isPresent()
                ? Optional.of(new Host.OnPiece(new PieceId(on)))
                : Optional.empty();
    }

    /** The form of one addition. */
    Optional<Design> addition(Card card, Addition addition, Entries entries) {
        Design design = card.design();
        Settings present = design.present(addition);
        Settings wanted = read(addition.feature(), present, entries, design.system());
        Settings settings =
                Moves.fromWhereItLies(card, addition, addition.feature().following(present, wanted, design.system()));
        Host host = entries.has("on") ? host(card, entries).orElse(addition.host()) : addition.host();
        Addition changed = new Addition(
                addition.id(),
                entries.has("name") ? entries.words("name") : addition.name(),
                addition.feature(),
                host,
                settings,
                papers(addition.feature(), addition.papers(), entries));
        boolean stays = changed.equals(addition.with(design.present(addition)));
        return checked(
                stays ? design : design.settled().with(changed),
                entries,
                addition.id().value());
    }

    /** What is in hand cut with what was chosen, as a die cuts it where that is one; the base where no addition is. */
    Optional<Design> die(Card card, String hand, Entries entries) {
        Design design = card.design();
        PieceId held = new PieceId(hand);
        Optional<Addition> addition = card.additionOf(held);
        Craft craft = addition.<Craft>map(Addition::feature).orElse(design.base());
        Settings before = addition.map(design::present).orElseGet(design::present);
        Optional<Settings> cut =
                switch (entries.words("die")) {
                    case "" -> Optional.of(before.with(Cutter.ANY));
                    case InHand.DieChoice.BY_HAND -> Optional.of(before.with(Cutter.HAND));
                    default -> cutWith(craft, before, entries.words("die"));
                };
        if (cut.equals(Optional.of(before))) {
            return Optional.of(design);
        }
        if (cut.isEmpty()) {
            entries.refuse("die", "Choose one of your dies.");
        }
        return cut.flatMap(settings -> checked(
                addition.map(each -> design.settled().with(each.with(settings)))
                        .orElseGet(() -> design.settled().with(settings)),
                entries,
                addition.map(each -> each.id().value()).orElse("")));
    }

    private Optional<Settings> cutWith(Craft craft, Settings before, String id) {
        return inventory.toolbox().dies().stream()
                .filter(die -> die.id().value().equals(id))
                .findFirst()
                .flatMap(die -> craft.cutWith(before, die).map(cut -> cut.with(new Cutter.ByDie(die.id()))));
    }

    /** The design without an addition, if what sat on it still fits. */
    Optional<Design> without(Design design, Addition addition, Entries entries) {
        return checked(design.without(addition.id()), entries, "");
    }

    /** What is done all day; a way that changes nothing says so. */
    Optional<Design> quick(Card card, String way, String hand, Entries entries) {
        Design design =
                switch (way) {
                    case "mat-every-panel" -> QuickWays.matEveryPanel(card);
                    case "same-inside" -> QuickWays.sameInside(card);
                    case ONCE_MORE -> QuickWays.onceMore(card, new PieceId(hand));
                    case "step-down" -> QuickWays.stepDown(card, new PieceId(hand));
                    default -> card.design();
                };
        if (design.additions().equals(card.design().additions())) {
            entries.refuse("form", "There is nothing to do that with here.");
            return Optional.empty();
        }
        return checked(design, entries, "");
    }

    /** The way out of a finding, as it is found now. */
    Optional<Design> remedy(Card card, Entries entries) {
        Optional<Design> remedy = Review.of(card).stream()
                .filter(finding -> finding.key().equals(entries.words("finding")))
                .findFirst()
                .flatMap(Finding::remedy)
                .map(Finding.Remedy::design);
        if (remedy.isEmpty()) {
            entries.refuse("form", "That needs putting right no longer.");
        }
        return remedy;
    }

    /** What was dragged, or nudged by marks of the trimmer with an arrow key. */
    Optional<Design> move(Card card, Entries entries) {
        Optional<Design> moved = moved(card, entries);
        if (moved.isEmpty()) {
            entries.refuse("form", obstacle(card, entries.words("what")));
        }
        return moved.flatMap(design -> checked(design, entries, ""));
    }

    private static String obstacle(Card card, String what) {
        return what.startsWith(SCORE) || !PieceId.isOne(what)
                ? "This score has its place from the sizes of the card. Change those to move it."
                : Moves.obstacle(card, new PieceId(what)).orElse("It cannot be taken hold of there.");
    }

    private Optional<Design> moved(Card card, Entries entries) {
        Graduation marks = inventory.toolbox().trimmer().graduation();
        Length right = entries.millimetres("right");
        Length down = entries.millimetres("down");
        String what = entries.words("what");
        if (what.startsWith(SCORE)) {
            return card.base().scores().stream()
                    .map(Score::id)
                    .filter(id -> what.equals(SCORE + id.value()))
                    .findFirst()
                    .flatMap(id -> Moves.scoreMoved(card, id, right, down, marks));
        }
        if (!PieceId.isOne(what)) {
            return Optional.empty();
        }
        PieceId id = new PieceId(what);
        Optional<Edge> nudge = Edge.find(entries.words("nudge"));
        Optional<Edge> handle = Edge.find(entries.words("handle"));
        if (nudge.isPresent()) {
            int times = entries.has("times") ? entries.wholeNumber("times") : 1;
            return Moves.nudged(card, id, nudge.get(), Math.max(1, Math.min(times, MOST_MARKS)), marks);
        }
        return handle.isPresent()
                ? Moves.drawn(card, id, handle.get(), right, down, marks)
                : Moves.moved(card, id, right, down, marks);
    }

    /** How many are made. */
    Optional<CardRun> copies(CardRun run, Entries entries) {
        Copies copies = new Copies(entries.wholeNumber("make"), entries.wholeNumber("spares"));
        if (entries.areGood()) {
            entries.refuse(copies.checked().reasons());
        }
        return entries.areGood() ? Optional.of(run.with(copies)) : Optional.empty();
    }

    /** What is spared. */
    Optional<CardRun> thrift(CardRun run, Entries entries) {
        Thrift thrift = entries.choice("thrift", Thrift.class);
        return entries.areGood() ? Optional.of(run.with(thrift)) : Optional.empty();
    }

    /** With a picture that was brought; why it cannot be is said beside the list it would be in. */
    Optional<Design> picture(Design design, Addition addition, Outcome<Artwork> brought, Entries entries) {
        if (brought instanceof Outcome.Made<Artwork> made) {
            Design settled = design.settled();
            Addition printed = addition.with(settled.present(addition).with(PrintedPicture.PICTURE, made.value()));
            return checked(settled.with(printed), entries, "addition");
        }
        brought.reasons().forEach(reason -> entries.refuse(PrintedPicture.PICTURE.key(), reason.message()));
        return Optional.empty();
    }

    Optional<Design> name(Design design, Entries entries) {
        return checked(design.withName(entries.words("name")), entries, "");
    }

    Optional<Design> notes(Design design, Entries entries) {
        return checked(design.withNotes(entries.words("notes")), entries, "");
    }

    /**
     * What a form says of the parameters it showed. Those it did not show stay, and so do those that are sent as they were: what was
     * never entered keeps to its preset.
     */
    private Settings read(Craft craft, Settings before, Entries entries, MeasureSystem system) {
        Settings settings = before;
        for (Parameter parameter : craft.parameters()) {
            if (!entries.has(parameter.key())) {
                continue;
            }
            if (parameter instanceof Parameter.OfLength length) {
                // What stands there as it was drawn is the length it was drawn for, also where the figure is not exact.
                boolean stays = entries.words(length.key()).equals(Markup.field(before.length(length), system));
                Length entered = stays ? before.length(length) : entries.length(length.key(), system);
                settings = entered.equals(before.length(length)) ? settings : settings.with(length, entered);
            } else if (parameter instanceof Parameter.OfCount count) {
                int entered = entries.wholeNumber(count.key());
                settings = entered == before.count(count) ? settings : settings.with(count, entered);
            } else if (parameter instanceof Parameter.OfChoice choice) {
                String chosen = entries.words(choice.key());
                Optional<OwnShape> outline = OwnChoice.of(chosen, inventory.outlines());
                Optional<Artwork> artwork =
                        choice.takesArtwork() ? OwnChoice.artwork(chosen, artworks.all()) : Optional.empty();
                if (choice.takesOutline() && outline.isPresent()) {
                    settings = OwnChoice.chosen(craft, settings, choice, outline.get());
                } else if (artwork.isPresent()) {
                    settings = settings.with(choice, artwork.get());
                } else if (!choice.allows(chosen, before)) {
                    entries.refuse(choice.key(), "Choose one of the list.");
                } else if (!before.is(choice, chosen)) {
                    settings = settings.with(choice, chosen);
                }
            }
        }
        return settings;
    }

    private Map<String, PaperId> papers(Craft craft, Map<String, PaperId> before, Entries entries) {
        Map<String, PaperId> papers = new HashMap<>(before);
        Materials materials = inventory.materials();
        for (PaperSlot slot : craft.papers()) {
            String field = InHand.fieldOf(slot);
            if (!entries.has(field)) {
                continue;
            }
            String chosen = entries.words(field);
            PaperId present = materials.paper(slot, before);
            boolean isNoneYet = materials.shelf().find(present).isEmpty();
            if (chosen.equals(present.value()) || (chosen.isEmpty() && isNoneYet)) {
                continue;
            }
            if (chosen.isEmpty() || materials.shelf().find(new PaperId(chosen)).isEmpty()) {
                entries.refuse(field, "Choose a paper.");
            } else {
                papers.put(slot.key(), new PaperId(chosen));
            }
        }
        return papers;
    }

    /**
     * The design if a card can be made of it.
     *
     * @param inHand the addition whose form was sent, so that what is wrong with it is said beside its own fields
     */
    Optional<Design> checked(Design changed, Entries entries, String inHand) {
        if (!entries.areGood()) {
            return Optional.empty();
        }
        List<Refusal> reasons = new ArrayList<>(workshop.make(changed).reasons());
        entries.refuse(reasons.stream().map(reason -> placed(reason, inHand)).toList());
        return entries.areGood() ? Optional.of(changed) : Optional.empty();
    }

    /** What cannot be kept, said at the form as a whole. */
    static List<Refusal> placed(List<Refusal> reasons) {
        return reasons.isEmpty()
                ? List.of(new Refusal("form", "This cannot be kept as it is."))
                : reasons.stream().map(reason -> reason.at("form")).toList();
    }

    /** Where another addition no longer fits, that is said at the form as a whole; the message names it. */
    private static Refusal placed(Refusal reason, String inHand) {
        String own = inHand + ".";
        if (!inHand.isEmpty() && reason.field().startsWith(own)) {
            return reason.at(reason.field().substring(own.length()));
        }
        return reason.field().contains(".") ? reason.at("form") : reason;
    }
}
