package kwibbet.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Opening;
import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.card.Punching;
import kwibbet.card.Score;
import kwibbet.card.Settings;
import kwibbet.card.Zone;
import kwibbet.card.feature.EndCut;
import kwibbet.card.feature.SurfaceWork;
import kwibbet.measure.Length;
import kwibbet.outline.EdgeRun;
import kwibbet.review.Finding.Severity;
import kwibbet.shape.Axis;
import kwibbet.shape.Size;
import kwibbet.tool.EdgePunch;
import kwibbet.tool.HandTools;
import kwibbet.tool.Punch;
import kwibbet.wording.Phrase;

/**
 * What the tools of a maker cannot do of a card: a hole without a punch, or farther in than the punch reaches; an area larger than the embossing folder; a sheet that
 * does not go on the stamping platform, folded in half neither; a sheet that is larger than the printer takes; corners without their rounder, an area larger than
 * the stencil, heat without a heat tool. What is not said of a tool is not asked.
 */
public final class ToolReview {

    private ToolReview() {}

    /** What is in the way, piece by piece. */
    public static List<Finding> of(Card card, HandTools tools) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : card.pieces()) {
            if (!tools.punches().isEmpty()) {
                piece.openings().stream()
                        .filter(Opening::isPunched)
                        .flatMap(hole -> unpunched(card, piece, hole, tools.punches()).stream())
                        .findFirst()
                        .ifPresent(findings::add);
            }

            piece.partCuts().forEach(cut -> edge(card, piece, cut, tools).ifPresent(findings::add));
            printed(card, piece, tools).ifPresent(findings::add);
            piece.zones().forEach(zone -> worked(card, piece, zone, tools).ifPresent(findings::add));
        }
        card.design().additions().forEach(addition -> unrounded(card, addition, tools)
                .ifPresent(findings::add));
        return findings;
    }

    private static Optional<Finding> unpunched(Card card, Piece piece, Opening hole, List<Punch> punches) {
        Phrase.Writer writer = Phrase.in(card.design().system());
        Punching punching = Punching.into(piece, hole, punches);
        if (punching instanceof Punching.OutOfReach far) {
            writer.words("The hole in " + piece.name() + " lies ")
                    .length(far.in().roundedTo(card.materials().trim()).shown())
                    .words(" in, and your " + far.punch().words() + " reaches ")
                    .length(far.punch().reach())
                    .words(".");
            return Optional.of(finding("punch-too-short", piece, hole, writer));
        }
        if (punching instanceof Punching.NoneSo none) {
            writer.words("You have no punch for the hole of ")
                    .length(hole.shape().size().width())
                    .words(" in " + piece.name());
            none.nearest().ifPresent(near -> writer.words("; the nearest is your " + near.words()));
            return Optional.of(finding("no-punch", piece, hole, writer.words(".")));
        }
        return Optional.empty();
    }

    private static Finding finding(String rule, Piece piece, Opening hole, Phrase.Writer writer) {
        return new Finding(rule, Severity.WARNING, piece.id(), hole.outline(), writer.end(), Optional.empty());
    }

    /** An edge for which there is no punch, or none that stops in time. */
    private static Optional<Finding> edge(Card card, Piece piece, PartCut cut, HandTools tools) {
        Optional<EdgeRun> along = EdgeRun.of(cut.shape());
        if (along.isEmpty() || tools.edgePunches().isEmpty()) {
            return Optional.empty();
        }
        EdgeRun run = along.get();
        Phrase.Writer writer = Phrase.in(card.design().system());
        Optional<EdgePunch> punch = tools.edgePunch(run);
        if (punch.isEmpty()) {
            writer.words("You have no edge punch for " + piece.name() + ": ")
                    .phrase(run.figures(card.design().system()));
            tools.edgePunches().stream()
                    .filter(each -> each.pattern() == run.pattern())
                    .min(Comparator.comparing(
                            each -> each.pitch().minus(run.pitch()).abs()))
                    .ifPresent(near -> writer.words("; the nearest cuts ")
                            .phrase(near.one().figures(card.design().system())));
            return Optional.of(edge("no-edge-punch", piece, cut, writer.words(".")));
        }
        boolean isTooLong = cut instanceof PartCut.PastEdge past
                && past.run().isPresent()
                && past.plain().isPositive()
                && punch.get().atOnce() > run.repeats();
        return isTooLong
                ? Optional.of(edge(
                        "edge-punch-too-long",
                        piece,
                        cut,
                        writer.words("Your " + punch.get().words() + " cuts "
                                + punch.get().atOnce()
                                + " at a time, and between the plain ends of " + piece.name() + " there are "
                                + run.repeats() + ": let it run over both ends.")))
                : Optional.empty();
    }

    private static Finding edge(String rule, Piece piece, PartCut cut, Phrase.Writer writer) {
        return new Finding(rule, Severity.WARNING, piece.id(), cut.outline(), writer.end(), Optional.empty());
    }

    private static Optional<Finding> unrounded(Card card, Addition addition, HandTools tools) {
        Settings settings = card.design().present(addition);
        Length radius = settings.length(EndCut.SIZE);
        boolean isRounded = addition.feature() instanceof EndCut && settings.is(EndCut.CUT, EndCut.ROUNDED);
        if (!isRounded || tools.rounders().isEmpty() || tools.rounds(radius)) {
            return Optional.empty();
        }
        Piece piece = card.hostPiece(addition.host()).orElse(card.base());
        Length nearest = tools.rounders().stream()
                .min(Comparator.comparing(each -> each.minus(radius).abs()))
                .orElse(radius);
        return Optional.of(new Finding(
                "no-rounder",
                Severity.WARNING,
                piece.id(),
                piece.outline(),
                Phrase.in(card.design().system())
                        .words("You have no corner rounder of ")
                        .length(radius)
                        .words(" for " + card.nameOf(piece.id()) + "; the nearest is ")
                        .length(nearest)
                        .words(".")
                        .end(),
                Optional.empty()));
    }

    private static Optional<Finding> printed(Card card, Piece piece, HandTools tools) {
        return card.materials()
                .shelf()
                .find(piece.paper())
                .filter(paper -> piece.isPrinted())
                .flatMap(paper -> tools.printer()
                        .filter(printer -> !fits(paper.sheet(), printer))
                        .map(printer -> new Finding(
                                "printer-too-small",
                                Severity.TROUBLE,
                                piece.id(),
                                piece.outline(),
                                Phrase.in(card.design().system())
                                        .words(piece.name() + " is to be printed on sheets of ")
                                        .size(paper.sheet())
                                        .words(", and your printer takes at most ")
                                        .size(printer)
                                        .words(". Choose another paper, or a smaller size of it.")
                                        .end(),
                                Optional.empty())));
    }

    private static Optional<Finding> worked(Card card, Piece piece, Zone zone, HandTools tools) {
        if (zone.use() != Zone.Use.SURFACE) {
            return Optional.empty();
        }
        String technique = card.design()
                .addition(zone.owner())
                .map(addition -> card.design().present(addition).choice(SurfaceWork.TECHNIQUE))
                .orElse("");
        Size area = zone.outline().bounds().size();
        if (technique.equals(SurfaceWork.EMBOSS)
                && tools.folder().filter(folder -> !fits(area, folder)).isPresent()) {
            return Optional.of(worked(
                    card,
                    piece,
                    zone,
                    "folder-too-small",
                    "is larger than your embossing folder, ",
                    tools.folder().get()));
        }
        if (technique.equals(SurfaceWork.STENCIL)
                && tools.stencil().filter(stencil -> !fits(area, stencil)).isPresent()) {
            return Optional.of(worked(
                    card,
                    piece,
                    zone,
                    "stencil-too-small",
                    "is larger than your stencil, ",
                    tools.stencil().get()));
        }
        if (technique.equals(SurfaceWork.HEAT) && !tools.canHeat()) {
            return Optional.of(new Finding(
                    "no-heat-tool",
                    Severity.WARNING,
                    piece.id(),
                    zone.outline(),
                    Phrase.of("“" + nameOf(card, piece, zone) + "” on " + piece.name()
                            + " is embossed with heat, and you have no heat tool: stamp it, or emboss it dry."),
                    Optional.empty()));
        }
        boolean isTooLarge = tools.platform()
                .filter(platform -> lying(piece).stream().noneMatch(lies -> fits(lies, platform)))
                .isPresent();
        return technique.equals(SurfaceWork.STAMP) && isTooLarge
                ? Optional.of(worked(
                        card,
                        piece,
                        zone,
                        "platform-too-small",
                        "is stamped on a sheet that your platform does not take, folded neither: it takes ",
                        tools.platform().get()))
                : Optional.empty();
    }

    private static Finding worked(Card card, Piece piece, Zone zone, String rule, String words, Size most) {
        String name = nameOf(card, piece, zone);
        Phrase.Writer writer = Phrase.in(card.design().system())
                .words("“" + name + "” on " + piece.name() + " " + words)
                .size(most)
                .words(".");
        return new Finding(rule, Severity.WARNING, piece.id(), zone.outline(), writer.end(), Optional.empty());
    }

    private static String nameOf(Card card, Piece piece, Zone zone) {
        return card.design().addition(zone.owner()).map(work -> work.name()).orElse(piece.name());
    }

    /** How large a piece is flat, and folded once at each score that runs through. */
    private static List<Size> lying(Piece piece) {
        List<Size> all = new ArrayList<>(List.of(piece.size()));
        for (Score score : piece.scores()) {
            score.measured(piece.size()).filter(Score.Measured::isWhole).ifPresent(measured -> {
                boolean upright =
                        score.line().axis().filter(Axis.VERTICAL::equals).isPresent();
                Length whole = upright ? piece.size().width() : piece.size().height();
                Length half = Length.max(measured.at(), whole.minus(measured.at()));
                all.add(
                        upright
                                ? new Size(half, piece.size().height())
                                : new Size(piece.size().width(), half));
            });
        }
        all.sort(Comparator.comparingDouble(Size::area));
        return all;
    }

    private static boolean fits(Size size, Size into) {
        boolean asItIs =
                !size.width().isLongerThan(into.width()) && !size.height().isLongerThan(into.height());
        Size turned = size.turned();
        return asItIs
                || (!turned.width().isLongerThan(into.width())
                        && !turned.height().isLongerThan(into.height()));
    }
}
