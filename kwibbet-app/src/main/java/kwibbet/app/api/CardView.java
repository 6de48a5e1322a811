package kwibbet.app.api;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;

import kwibbet.card.Adhesion;
import kwibbet.card.Attachment;
import kwibbet.card.Card;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.Panel;
import kwibbet.card.Parameter;
import kwibbet.card.Piece;
import kwibbet.card.Print;
import kwibbet.card.Score;
import kwibbet.card.Supply;
import kwibbet.card.Zone;
import kwibbet.review.Finding;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Outline;
import kwibbet.shape.Point;
import kwibbet.shape.Rect;
import kwibbet.shape.Size;

/**
 * A card worked out. Lengths are texts with their unit, exact; x runs right and y down from the left top corner of a piece.
 *
 * @param name what the maker calls it
 * @param finished the shut card
 * @param pieces all that is cut, the base first
 * @param joins what is stuck to what, from the bottom up
 * @param panels the parts of pieces between scores, each with all that holds it to others
 * @param supplies what is used up besides paper
 * @param findings what is worth a look, the worst first
 */
@Schema(
        name = "Card",
        description = "All pieces, scores, joins and findings of a design. Lengths are texts with their unit, exact.")
record CardView(
        String name,
        SizeView finished,
        List<PieceView> pieces,
        List<JoinView> joins,
        List<PanelView> panels,
        List<SupplyView> supplies,
        List<FindingView> findings) {

    /** A width and a height. */
    @Schema(name = "Size")
    record SizeView(@Schema(example = "4 1/4 in") String width, @Schema(example = "5 1/2 in") String height) {
        static SizeView of(Size size) {
            return new SizeView(size.width().toString(), size.height().toString());
        }
    }

    /** A place. */
    @Schema(name = "Point")
    record PointView(String x, String y) {
        static PointView of(Point point) {
            return new PointView(point.x().toString(), point.y().toString());
        }
    }

    /** A crease; {@code from} and {@code at} as a scoring board measures it, none where it runs slanted. */
    @Schema(name = "Score")
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    record ScoreView(
            String key,
            @Schema(allowableValues = {"valley", "mountain"}) String fold,
            PointView start,
            PointView end,
            String from,
            String at) {
        static ScoreView of(Score score, Piece piece) {
            Optional<Score.Measured> measured = score.measured(piece.size());
            return new ScoreView(
                    score.id().value(),
                    score.fold().word(),
                    PointView.of(score.line().start()),
                    PointView.of(score.line().end()),
                    measured.map(each -> each.from().word()).orElse(""),
                    measured.map(each -> each.at().toString()).orElse(""));
        }
    }

    /** An opening in its box. */
    @Schema(name = "Opening")
    record OpeningView(String name, String shape, PointView corner, SizeView size) {
        static OpeningView of(Opening opening) {
            Rect bounds = opening.bounds();
            return new OpeningView(
                    opening.name(),
                    word(opening.shape().look()),
                    PointView.of(bounds.corner()),
                    SizeView.of(bounds.size()));
        }
    }

    /** One part cut from one paper. */
    @Schema(name = "Piece")
    record PieceView(
            String id,
            String name,
            String paper,
            SizeView size,
            List<PointView> outline,
            List<ScoreView> scores,
            List<OpeningView> openings,
            List<List<PointView>> slits,
            List<PrintView> prints) {
        static PieceView of(Piece piece) {
            return new PieceView(
                    piece.id().value(),
                    piece.name(),
                    piece.paper().value(),
                    SizeView.of(piece.size()),
                    outlineOf(piece.outline()),
                    piece.scores().stream()
                            .map(score -> ScoreView.of(score, piece))
                            .toList(),
                    piece.openings().stream().map(OpeningView::of).toList(),
                    piece.slits().stream()
                            .map(slit -> List.of(PointView.of(slit.start()), PointView.of(slit.end())))
                            .toList(),
                    piece.zones().stream()
                            .flatMap(zone -> zone.print().stream().map(print -> PrintView.of(zone, print)))
                            .toList());
        }
    }

    /** A picture printed on a face of a piece before that is cut. */
    @Schema(name = "Print")
    record PrintView(
            String picture,
            String name,
            @Schema(allowableValues = {"up", "under"}) String side,
            @Schema(description = "How large the whole picture is printed") SizeView size,
            @Schema(description = "Where its left top corner lies as it is looked at") PointView corner,
            @Schema(description = "How far it is turned clockwise as it is looked at") int turned,
            @Schema(description = "How far it is printed past the edges that are cut") String bleed,
            int dotsPerInch,
            @Schema(description = "What of it is seen") List<PointView> seen) {
        static PrintView of(Zone zone, Print print) {
            return new PrintView(
                    print.artwork().id().value(),
                    print.artwork().name(),
                    zone.side().name().toLowerCase(Locale.ROOT),
                    SizeView.of(print.size()),
                    PointView.of(print.corner()),
                    print.at().degrees(),
                    print.bleed().toString(),
                    (int) print.dotsPerInch(),
                    outlineOf(zone.outline()));
        }
    }

    private static List<PointView> outlineOf(Outline outline) {
        return outline.corners().stream().map(PointView::of).toList();
    }

    /** A piece stuck on another; its outline in the frame of the lower piece. */
    @Schema(name = "Join")
    record JoinView(
            String upper,
            String lower,
            String panel,
            @Schema(allowableValues = {"up", "under"}) String side,
            String held,
            @Schema(description = "Where on the upper piece its adhesive goes; empty for all of it") String where,
            String raisedBy,
            List<PointView> zone) {
        static JoinView of(Join join) {
            return new JoinView(
                    join.upper().value(),
                    join.lower().value(),
                    join.panel().value(),
                    join.side().name().toLowerCase(Locale.ROOT),
                    join.adhesion().kind().words(),
                    join.adhesion().hold().where(),
                    join.adhesion().height().toString(),
                    outlineOf(join.zone()));
        }
    }

    /** A part of a piece between scores and edges, and all that holds it to others, what it hangs on first. */
    @Schema(name = "Panel")
    record PanelView(String id, String piece, List<AttachmentView> attachments) {
        static PanelView of(Card card, Panel panel) {
            return new PanelView(
                    panel.id().value(),
                    panel.piece().value(),
                    card.attachments(panel.id()).stream()
                            .map(AttachmentView::of)
                            .toList());
        }
    }

    /** One way a panel is held to another; {@code held} and {@code where} of what is stuck. */
    @Schema(name = "Attachment")
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    record AttachmentView(
            String to, @Schema(allowableValues = {"score", "join", "closure"}) String by, String held, String where) {
        static AttachmentView of(Attachment attachment) {
            String to = attachment.to().value();
            if (attachment instanceof Attachment.ByJoin stuck) {
                return of(to, "join", stuck.join().adhesion());
            }
            return attachment instanceof Attachment.ByClosure shut
                    ? of(to, "closure", shut.closure().adhesion())
                    : new AttachmentView(to, "score", "", "");
        }

        private static AttachmentView of(String to, String by, Adhesion adhesion) {
            return new AttachmentView(
                    to, by, adhesion.kind().words(), adhesion.hold().where());
        }
    }

    /** Something used up; {@code length}, {@code count} or {@code cubicInches} says how much. */
    @Schema(name = "Supply")
    record SupplyView(String name, String kind, String amount) {
        static SupplyView of(Supply supply) {
            if (supply.amount() instanceof Supply.OfLength length) {
                return new SupplyView(supply.name(), "length", length.length().toString());
            }
            if (supply.amount() instanceof Supply.OfTape tape) {
                return new SupplyView(supply.name(), "length", tape.length().toString());
            }
            if (supply.amount() instanceof Supply.OfCount count) {
                return new SupplyView(supply.name(), "count", String.valueOf(count.count()));
            }
            double volume = ((Supply.OfVolume) supply.amount()).cubicInches();
            return new SupplyView(supply.name(), "cubicInches", String.format(Locale.ROOT, "%.3f", volume));
        }
    }

    /** Something worth a look. */
    @Schema(name = "Finding")
    @JsonInclude(JsonInclude.Include.NON_EMPTY)
    record FindingView(
            String rule,
            @Schema(allowableValues = {"trouble", "warning", "note"}) String severity,
            String piece,
            List<PointView> where,
            String words,
            String wayOut) {
        static FindingView of(Finding finding) {
            return new FindingView(
                    finding.rule(),
                    finding.severity().name().toLowerCase(Locale.ROOT),
                    finding.piece().value(),
                    outlineOf(finding.where()),
                    finding.words().text(),
                    finding.remedy().map(Finding.Remedy::words).orElse(""));
        }
    }

    static CardView of(Card card, List<Finding> findings) {
        return new CardView(
                card.design().name(),
                SizeView.of(card.form().finished()),
                card.pieces().stream().map(PieceView::of).toList(),
                card.joins().stream().map(JoinView::of).toList(),
                card.panels().stream().map(panel -> PanelView.of(card, panel)).toList(),
                card.supplies().stream().map(SupplyView::of).toList(),
                findings.stream().map(FindingView::of).toList());
    }

    /** A shape of the trade by its key; an outline of somebody's own is told by its corners. */
    private static String word(Look look) {
        return look instanceof CutShape.Kind kind ? kind.name().toLowerCase(Locale.ROOT) : Parameter.OfChoice.OWN;
    }
}
