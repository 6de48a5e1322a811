package kwibbet.card.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Adhesion;
import kwibbet.card.Base;
import kwibbet.card.Brief;
import kwibbet.card.Direction;
import kwibbet.card.Face;
import kwibbet.card.Feature;
import kwibbet.card.Form;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.PanelId;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Settings;
import kwibbet.card.ShutFold;
import kwibbet.card.Site;
import kwibbet.card.Supply;
import kwibbet.card.Work;
import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.outcome.Outcome;
import kwibbet.outcome.Refusal;
import kwibbet.shape.Outline;
import kwibbet.shape.Placement;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;

/** A whole small card, of any base, stuck by its back as an ornament on another. Its faces can be worked on like those of the card. */
public record SmallCard() implements Feature {

    /** How the small card folds. */
    public static final Parameter.OfChoice BASE = new Parameter.OfChoice(
            "base",
            "Base",
            "How the small card folds.",
            Bases.ALL.stream()
                    .map(base -> new Parameter.Choice(base.key(), base.title()))
                    .toList(),
            Parameter.Own.NOTHING);

    @Override
    public String key() {
        return "small-card";
    }

    @Override
    public String title() {
        return "Small card";
    }

    @Override
    public String sentence() {
        return "A whole small card, of any base, stuck on by its back.";
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(BASE, Shapes.WIDTH, Shapes.HEIGHT));
        all.addAll(Placing.ALL);
        return all;
    }

    @Override
    public List<Parameter> asked(Settings settings) {
        List<Parameter> asked = new ArrayList<>(List.of(BASE, Shapes.WIDTH, Shapes.HEIGHT));
        asked.addAll(Placing.asked(settings));
        return asked;
    }

    @Override
    public List<PaperSlot> papers() {
        return List.of(PaperSlot.PAPER, PaperSlot.FILM);
    }

    @Override
    public Outcome<Work> work(Site site) {
        Base base = Bases.find(site.brief().choice(BASE))
                .orElseThrow(() -> new IllegalStateException(
                        "there is no base " + site.brief().choice(BASE)));
        return small(site, base).then(form -> {
            Rect shut = shut(form);
            Point corner = Placing.corner(site, shut.size());
            Outline there = Outline.of(new Rect(corner, shut.size()));
            return Window.fitting(site, there, "The small card")
                    .then(ok -> Outcome.made(new Copy(site, form).work(corner, shut)));
        });
    }

    private static Outcome<Form> small(Site site, Base base) {
        Brief brief = new Brief(
                Starts.sized(base, Shapes.size(site.brief()), site.brief().system()),
                site.brief().papers(),
                site.brief().system(),
                site.brief().materials());
        List<Refusal> reasons = outOfRange(base, brief);
        return reasons.isEmpty()
                ? base.form(brief).then(form -> Outcome.made(form.uprighted()))
                : Outcome.refused(reasons);
    }

    private static List<Refusal> outOfRange(Base base, Brief brief) {
        return base.asked(brief.settings()).stream()
                .filter(Parameter.OfLength.class::isInstance)
                .map(Parameter.OfLength.class::cast)
                .filter(range -> brief.length(range).isShorterThan(range.least())
                        || brief.length(range).isLongerThan(range.most()))
                .map(range -> new Refusal(
                        Shapes.WIDTH.key(),
                        "At that size its “" + range.label() + "” would be " + brief.figure(brief.length(range))
                                + "; it can be " + brief.figure(brief.system().leastSaid(range.least())) + " to "
                                + brief.figure(brief.system().mostSaid(range.most())) + "."))
                .toList();
    }

    /** Where the shut card lies in the frame of its base, turned as it is looked at. */
    private static Rect shut(Form form) {
        ShutFold fold = fold(form);
        Placement looked =
                new Placement(Point.ORIGIN, form.pose(Pose.SHUT).view().roll(), false);
        return new Outline(form.panels().stream()
                        .flatMap(panel -> panel.outline().in(fold.of(panel.id())).in(looked).corners().stream())
                        .toList())
                .bounds();
    }

    private static ShutFold fold(Form form) {
        return ShutFold.of(form.panels(), form.pieces(), form.pose(Pose.SHUT), form.closing());
    }

    /**
     * The small card under names of its own.
     *
     * @param site where it goes
     * @param form its base
     */
    private record Copy(Site site, Form form) {

        Work work(Point corner, Rect shut) {
            Work.Collector work = new Work.Collector();
            Pose pose = form.pose(Pose.SHUT);
            Point moved = corner.plus(shut.left().negated(), shut.top().negated());
            Placement onSite = new Placement(moved, pose.view().roll(), false).within(site.frame());
            for (Piece piece : form.pieces()) {
                List<Panel> panels = form.panels().stream()
                        .filter(panel -> panel.piece().equals(piece.id()))
                        .map(panel -> renamed(panel, pose, onSite))
                        .toList();
                work.piece(renamed(piece), Adhesion.FLAT, panels);
            }
            form.hands().holdings().forEach(holding -> work.holding(id(holding.piece()), holding.adhesion()));
            form.hands()
                    .directions()
                    .forEach(each ->
                            work.direction(new Direction(site.id(), id(each.piece()), each.does(), each.words())));
            form.hands().supplies().forEach(each -> work.supply(new Supply(site.id(), each.name(), each.amount())));
            form.faces().forEach(face -> work.face(renamed(face)));
            form.above().forEach(above -> work.above(id(above.upper()), id(above.lower())));
            return work.end();
        }

        private PanelId id(PanelId panel) {
            return site.panelPart(panel.value());
        }

        private ScoreId id(ScoreId score) {
            return site.scorePart(score.value());
        }

        private PieceId id(PieceId piece) {
            return piece.equals(PieceId.BASE) ? site.id() : site.part(piece.value());
        }

        private Piece renamed(Piece piece) {
            String name = piece.id().equals(PieceId.BASE) ? site.name() : site.name() + ", " + piece.name();
            List<Score> scores = piece.scores().stream()
                    .map(score -> new Score(id(score.id()), score.line(), score.fold()))
                    .toList();
            List<Opening> openings = piece.openings().stream()
                    .map(opening -> opening.ownedBy(id(opening.owner())))
                    .toList();
            return new Piece(
                    id(piece.id()),
                    name,
                    piece.paper(),
                    piece.chosen(),
                    piece.outline(),
                    scores,
                    openings,
                    piece.slits(),
                    piece.zones(),
                    piece.partCuts());
        }

        private Panel renamed(Panel panel, Pose pose, Placement onSite) {
            Panel.Hanging hanging = panel.hanging();
            if (hanging instanceof Panel.OnScore hinge) {
                int degrees = hinge.degrees().orElse(pose.angle(hinge.score()));
                hanging = new Panel.OnScore(id(hinge.panel()), id(hinge.score()), Optional.of(degrees));
            } else if (hanging instanceof Panel.Stuck stuck) {
                hanging = new Panel.Stuck(id(stuck.panel()), stuck.side(), stuck.placement());
            } else {
                hanging = new Panel.Stuck(site.panel(), site.side(), onSite);
            }
            return new Panel(id(panel.id()), id(panel.piece()), panel.outline(), panel.freed(), hanging);
        }

        private Face renamed(Face face) {
            return face.of(id(face.panel()), site.name() + ", " + face.title());
        }
    }
}
