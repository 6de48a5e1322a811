package kwibbet.press;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.Cutter;
import kwibbet.card.Join;
import kwibbet.card.Opening;
import kwibbet.card.PartCut;
import kwibbet.card.Piece;
import kwibbet.card.PieceId;
import kwibbet.card.Punching;
import kwibbet.card.RunLine;
import kwibbet.card.Score;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outline.EdgeRun;
import kwibbet.shape.Rect;
import kwibbet.shape.Segment;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.HandTools;
import kwibbet.tool.Press;
import kwibbet.tool.Punch;
import kwibbet.tool.Toolbox;
import kwibbet.wording.Names;
import kwibbet.wording.Phrase;

/**
 * How all pieces of a run go through the press.
 *
 * @param loads what lies on the bed together, in the order of work
 * @param byHand what no die cuts, or the press does not take
 * @param atLeast no plan for these dies passes less often
 * @param marks what a fence can be set to
 * @param handTools what else lies on the bench
 */
public record PressPlan(List<Load> loads, List<ByHand> byHand, int atLeast, Graduation marks, HandTools handTools) {

    /** So much of a scrap is left all round what is punched out of it, to be held by. Common practice, no source. */
    private static final Length SCRAP = Length.ofInches(1, 8);

    /** Copies the lists. */
    public PressPlan {
        loads = List.copyOf(loads);
        byHand = List.copyOf(byHand);
    }

    /**
     * What lies on the bed in one pass.
     *
     * @param laid the papers with their dies; at least one
     * @param passes how often that is passed
     */
    public record Load(List<OnBed> laid, int passes) {
        /** Copies the list. */
        public Load {
            laid = List.copyOf(laid);
        }
    }

    /**
     * A paper with its dies on the bed.
     *
     * @param layup the paper and the dies
     * @param place where its extent lies on the bed, the bed's corner at zero; the paper goes through from left to right
     * @param turned whether it lies a quarter turned
     */
    public record OnBed(Layup layup, Rect place, boolean turned) {}

    /**
     * A shape that is cut by knife or scissors, the same on all pieces named.
     *
     * @param wants the shape on each of them; at least one
     * @param count on how many pieces in all
     * @param why why the press does not cut it
     * @param nearest the die of that shape nearest in size
     * @param punch the punch that cuts it, if one does
     * @param tools what lies on the bench
     * @param mustMatch whether what is cut comes to lie on each other or beside each other, so that it has to be alike
     */
    public record ByHand(
            List<Want> wants,
            int count,
            Reason why,
            Optional<Die> nearest,
            Optional<Punch> punch,
            HandTools tools,
            boolean mustMatch) {

        /** How pieces come out alike. Common practice, no source. */
        public static final String TOGETHER = "These must match: hold them tightly together and cut them at once.";

        /** What makes pieces come out alike, where they have to. */
        public String together() {
            return isOfSeveral() && mustMatch ? TOGETHER : "";
        }

        /** Copies the list. */
        public ByHand {
            wants = List.copyOf(wants);
        }

        /** The shape on the first of its pieces. */
        public Want want() {
            return wants.get(0);
        }

        /** How it is marked and cut. */
        public List<HandCut> cuts() {
            return punch.<List<HandCut>>map(
                            with -> List.of(new HandCut.Punched(with, want().role() == Want.Role.OUTLINE)))
                    .orElseGet(() -> HandCut.of(want(), tools));
        }

        /** Whether it is cut on several pieces. */
        public boolean isOfSeveral() {
            return wants.size() > 1;
        }

        private boolean isLike(Want other, Reason otherWhy, Optional<Die> otherNearest) {
            return why == otherWhy
                    && nearest.equals(otherNearest)
                    && want().role() == other.role()
                    && want().piece().paper().equals(other.piece().paper())
                    && want().piece().size().equals(other.piece().size())
                    && want().outline().equals(other.outline());
        }

        private ByHand with(Want other, int more, boolean matches) {
            List<Want> all = new ArrayList<>(wants);
            all.add(other);
            return new ByHand(all, count + more, why, nearest, punch, tools, mustMatch && matches);
        }

        /** What is cut otherwise, and why. */
        public Phrase sentence(MeasureSystem system) {
            Want want = want();
            String names = String.join(
                    ", ",
                    Names.together(
                            wants.stream().map(each -> each.piece().name()).toList()));
            Phrase.Writer writer = Phrase.in(system)
                    .words(names + (isOfSeveral() ? ", their " : ", its ")
                            + want.role().words() + " of ");
            want.shape()
                    .flatMap(EdgeRun::of)
                    .ifPresentOrElse(
                            run -> writer.phrase(run.figures(system)),
                            () -> writer.size(want.box().size()));
            writer.words(": " + why.words());
            nearest.ifPresent(die -> writer.words("; the nearest is " + die.name() + ", ")
                    .size(die.shape().size()));
            return writer.words(".").end();
        }
    }

    /** Why the press does not cut a shape. */
    public enum Reason {
        NO_DIE("you have no die for it"),
        CHOSEN("you want it cut by hand"),
        PUNCHED("a punch cuts it"),
        TOO_WIDE("the paper is wider than the bed"),
        PLATE_TOO_SHORT("the die is longer than the plates"),
        TOO_THICK("it is cut folded, and the press does not cut two layers");

        private final String words;

        Reason(String words) {
            this.words = words;
        }

        /** What is in the way. */
        public String words() {
            return words;
        }
    }

    /** The plan for a run, the pieces of its cards named apart. */
    public static PressPlan of(List<RunLine> lines, Toolbox tools) {
        Press press = tools.press();
        // Sideways: the paper goes through from left to right.
        Size bed = new Size(press.plate(), press.bed());
        List<Layup> layups = new ArrayList<>();
        List<ByHand> byHand = new ArrayList<>();
        lines.forEach(line -> layups.addAll(layups(line, tools, bed, byHand)));
        return PassSearch.plan(layups, bed, byHand, tools.trimmer().graduation(), tools.handTools());
    }

    /** How the pieces of a card go through; what does not is added to {@code byHand}. */
    private static List<Layup> layups(RunLine line, Toolbox tools, Size bed, List<ByHand> byHand) {
        Press press = tools.press();
        List<Die> dies = tools.dies();
        Card card = line.card();
        int count = line.cards();
        Map<PieceId, List<Laid>> laid = new LinkedHashMap<>();
        for (Piece piece : card.pieces()) {
            List<Want> cutAlready = new ArrayList<>();
            Rect paper = piece.outline().bounds();
            for (Want want : wants(card, piece, dies)) {
                if (want.isAmong(cutAlready)) {
                    continue;
                }
                Rect longer = want.end().map(paper::around).orElse(paper);
                Cutter cutter = card.cutter(want.owner());
                Optional<Laid> lying = DieSearch.find(want, dies, cutter).map(use -> lying(use, longer, press, bed));
                Optional<Reason> why = lying.isEmpty()
                        ? Optional.of(cutter instanceof Cutter.ByHand ? Reason.CHOSEN : Reason.NO_DIE)
                        : lying.get().inTheWay(longer, bed, press.layers());
                paper = why.isEmpty() ? longer : paper;
                Optional<Punch> punch = why.flatMap(reason -> punch(want, tools));
                boolean isPunched = punch.isPresent()
                        || HandCut.punched(want, want.piece().outline().bounds(), tools.handTools())
                                .isPresent();

                why.ifPresentOrElse(
                        reason -> addByHand(
                                byHand,
                                want,
                                line,
                                isPunched ? Reason.PUNCHED : reason,
                                reason == Reason.NO_DIE && !isPunched
                                        ? DieSearch.nearest(want, dies)
                                        : Optional.empty(),
                                punch,
                                tools.handTools()),
                        () -> laid.computeIfAbsent(piece.id(), id -> new ArrayList<>())
                                .add(lying.orElseThrow(() -> new IllegalStateException(
                                        "what nothing stands in the way of lies on the bed"))));
                if (why.isEmpty()) {
                    lying.ifPresent(each -> cutAlready.addAll(each.use().also().inside()));
                }
                punch.filter(with -> want.role() == Want.Role.OUTLINE).ifPresent(with -> piece.openings().stream()
                        .filter(opening -> Punching.opensAsWell(with, opening))
                        .forEach(opening -> cutAlready.add(Want.of(piece, opening))));
            }
        }
        return Stacking.of(card, laid, press.layers()).values().stream()
                .flatMap(own -> layups(own, count, bed).stream())
                .toList();
    }

    /** What a piece needs; its straight edges, too, where one die cuts these and openings of it at once. */
    private static List<Want> wants(Card card, Piece piece, List<Die> dies) {
        List<Want> needed = Want.of(card, piece);
        Want edges = Want.outlineOf(piece);
        List<Die> several = dies.stream()
                .filter(die ->
                        !die.shape().holes().isEmpty() || !die.shape().creases().isEmpty())
                .toList();
        boolean byOne = piece.isRectangle()
                && piece.partCuts().isEmpty()
                && needed.stream().noneMatch(want -> want.role() == Want.Role.OUTLINE)
                && DieSearch.find(edges, several, card.cutter(edges.owner())).isPresent();
        return Stream.concat(byOne ? Stream.of(edges) : Stream.empty(), needed.stream())
                // What takes an end off says how long the paper is for all else.
                .sorted(Comparator.comparing(want -> want.end().isEmpty()))
                .toList();
    }

    /** How the paper lies for a die: with a part of it folded away where it is too wide otherwise. */
    private static Laid lying(DieUse use, Rect paper, Press press, Size bed) {
        Laid open = Laid.of(use);
        // Folded away, paper that has lost an end is not looked at.
        List<Laid> away = use.want().piece().ends().size() > 1 ? List.of() : open.foldedAway(paper);
        return Stream.concat(Stream.of(open), away.stream())
                .filter(each -> each.inTheWay(paper, bed, press.layers()).isEmpty())
                .findFirst()
                .orElse(open);
    }

    /** Dies of one piece that can be taped together go through at once; a stretched die in a pass after the other. */
    private static List<Layup> layups(List<Laid> own, int count, Size bed) {
        List<DieUse> all = own.stream().map(Laid::use).toList();
        Map<Lying, List<DieUse>> alike = new LinkedHashMap<>();
        own.forEach(laid ->
                alike.computeIfAbsent(laid.lying(), lying -> new ArrayList<>()).add(laid.use()));
        List<Layup> layups = new ArrayList<>();
        alike.forEach((lying, uses) -> {
            List<List<DieUse>> taped = new ArrayList<>();
            for (DieUse use : uses) {
                if (!use.isWhole()) {
                    for (int pass = 0; pass < use.passes().size(); pass++) {
                        layups.add(Layup.of(all, List.of(use), count, pass, lying));
                    }
                    continue;
                }
                Optional<List<DieUse>> others = taped.stream()
                        .filter(group -> canShare(all, group, use, lying, bed))
                        .findFirst();
                others.ifPresentOrElse(group -> group.add(use), () -> taped.add(new ArrayList<>(List.of(use))));
            }
            // What is measured on the whole paper goes through before it has lost an end.
            taped.sort(Comparator.comparing(
                    group -> group.stream().anyMatch(use -> use.want().end().isPresent())));
            List<DieUse> there = new ArrayList<>(all);
            taped.forEach(group -> {
                layups.add(Layup.of(there, group, count, 0, lying));
                there.removeIf(use -> group.contains(use) && use.want().end().isPresent());
            });
        });
        return layups;
    }

    private static boolean canShare(List<DieUse> all, List<DieUse> group, DieUse more, Lying lying, Size bed) {
        List<DieUse> together = new ArrayList<>(group);
        together.add(more);
        long same = together.stream()
                .filter(use -> use.die().id().equals(more.die().id()))
                .count();
        boolean alone = together.stream().anyMatch(use -> use.die().detail() == Die.Detail.INTRICATE);
        return !alone
                && same <= more.die().onHand()
                && Layup.of(all, together, 1, 0, lying).goesThrough(bed)
                && group.stream().allMatch(other -> DieSearch.canBeTaped(more, other));
    }

    private static void addByHand(
            List<ByHand> byHand,
            Want want,
            RunLine line,
            Reason why,
            Optional<Die> nearest,
            Optional<Punch> punch,
            HandTools tools) {
        for (int i = 0; i < byHand.size(); i++) {
            ByHand other = byHand.get(i);
            if (other.isLike(want, why, nearest)) {
                byHand.set(i, other.with(want, line.cards(), match(line.card(), other.want(), want)));
                return;
            }
        }
        byHand.add(new ByHand(List.of(want), line.cards(), why, nearest, punch, tools, true));
    }

    /** An opening through several pieces is looked through; outlines come to lie on each other where they are of one thing, or of the base. */
    private static boolean match(Card card, Want one, Want other) {
        return card.pieces().contains(one.piece())
                && (other.role() == Want.Role.OUTLINE
                        ? card.areOfOneThing(one.piece().id(), other.piece().id())
                        : one.owner().equals(other.owner()));
    }

    /** Whether a punch that cuts a piece out cuts an opening of it as well. */
    public boolean punchedOut(Piece piece, Opening opening) {
        return byHand.stream()
                .filter(each -> each.want().role() == Want.Role.OUTLINE
                        && each.wants().stream().anyMatch(want -> want.piece().equals(piece)))
                .anyMatch(each -> each.punch()
                        .filter(with -> Punching.opensAsWell(with, opening))
                        .isPresent());
    }

    /** How a shape is cut that no die cuts. */
    public List<HandCut> cutsOf(Want want) {
        return byHand.stream()
                .filter(each -> each.wants().contains(want))
                .findFirst()
                .map(ByHand::cuts)
                .orElse(List.of());
    }

    /** What is cut of a piece by hand. */
    public Stream<Want> byHandOf(Piece piece) {
        return byHand.stream().flatMap(each -> each.wants().stream()).filter(want -> want.piece()
                .equals(piece));
    }

    /**
     * Whether a die cuts a shape of some thing, as it is, stretched or with another shape at once.
     *
     * @param die the die
     * @param card the card
     * @param of an addition of it; nothing for the base
     */
    public boolean cuts(DieId die, Card card, Optional<Addition> of) {
        return loads.stream()
                .flatMap(load -> load.laid().stream())
                .flatMap(laid -> laid.layup().uses().stream())
                .filter(use -> use.die().id().equals(die))
                .flatMap(use -> Stream.concat(Stream.of(use.want()), use.also().inside().stream()))
                .anyMatch(want -> card.additionOf(want.owner()).equals(of));
    }

    private Stream<Layup> layupsOf(Piece piece) {
        return loads.stream()
                .flatMap(load -> load.laid().stream())
                .map(OnBed::layup)
                .filter(layup -> layup.piece().equals(piece));
    }

    /**
     * The paper that is cut for a piece: its own box, or larger by the metal where a die cuts it out, and longer where one takes an end off. What is cut out by hand needs
     * only paper that is large enough, so a fence is set to the next mark for it.
     *
     * @return in the frame of the piece
     */
    public Rect paperFor(Piece piece) {
        Rect own = piece.outline().bounds();
        // The first that goes through is as large as it was cut.
        Optional<Layup> layup = layupsOf(piece).findFirst();
        if (layup.isPresent() || piece.isTrimmed()) {
            return layup.map(Layup::flatPaper).orElse(own);
        }
        boolean isPunched = byHand.stream()
                .anyMatch(each -> each.punch().isPresent()
                        && each.want().role() == Want.Role.OUTLINE
                        && each.wants().stream().anyMatch(want -> want.piece().equals(piece)));
        Size least = isPunched ? piece.size().grown(SCRAP) : piece.size();
        Size cut = new Size(
                least.width().roundedUpTo(marks).shown(),
                least.height().roundedUpTo(marks).shown());
        Length aside = cut.width().minus(own.size().width()).half();
        Length above = cut.height().minus(own.size().height()).half();
        return new Rect(own.corner().plus(aside.negated(), above.negated()), cut);
    }

    /** Whether a piece is cut out by a die. */
    public boolean cutsOut(Piece piece) {
        return layupsOf(piece).anyMatch(Layup::cutsOut);
    }

    /** The paper of a piece that is cut folded, with the score it is folded at; nothing for one that lies flat. */
    public Optional<Piece> scoredPaper(Piece piece) {
        return layupsOf(piece).flatMap(layup -> layup.scoredPaper().stream()).findFirst();
    }

    /** The scores of a piece that are left to the board: what no die creases. */
    public List<Score> scoresLeft(Piece piece) {
        List<Score> creased = layupsOf(piece)
                .flatMap(layup -> layup.uses().stream())
                .flatMap(use -> use.also().creased().stream())
                .toList();
        return piece.scores().stream().filter(score -> !creased.contains(score)).toList();
    }

    /** Whether a piece is stuck on before the press. */
    public boolean isStuckFirst(Join join) {
        return loads.stream()
                .flatMap(load -> load.laid().stream())
                .flatMap(laid -> laid.layup().lying().on().stream())
                .anyMatch(on -> on.join().equals(join));
    }

    /** The punch that cuts a shape for which there is no die, if there is one that reaches. */
    private static Optional<Punch> punch(Want want, Toolbox tools) {
        List<Punch> punches = tools.handTools().punches();
        if (want.role() == Want.Role.OUTLINE) {
            return Punching.outOfScrap(want.piece(), punches);
        }
        return want.piece().openings().stream()
                .filter(opening ->
                        want.role() == Want.Role.OPENING && opening.cutLine().equals(want.outline()))
                .findFirst()
                .flatMap(opening -> Punching.into(want.piece(), opening, punches) instanceof Punching.With with
                        ? Optional.of(with.punch())
                        : Optional.empty());
    }

    /** What a hole that is small enough is cut with: the punch of its size that reaches it, or a knife; nothing where any hole can be punched. */
    public Optional<Punching> punching(Piece piece, Opening opening) {
        return handTools.punches().isEmpty()
                ? Optional.empty()
                : Optional.of(Punching.into(piece, opening, handTools.punches()));
    }

    /** What the trimmer or the knife has to slit in a piece: what no die cuts, and no shape that is cut by hand. */
    public List<Segment> slitsLeft(Piece piece) {
        List<Segment> cut = Stream.concat(
                        layupsOf(piece).flatMap(layup -> layup.wants()).flatMap(want -> want.part().stream()),
                        piece.partCuts().stream()
                                .filter(part -> part instanceof PartCut.UnderPlate under
                                        && under.uncut() == PartCut.Uncut.HANGS))
                .flatMap(part -> part instanceof PartCut.UnderPlate under ? under.slits().stream() : Stream.empty())
                .toList();
        return piece.slits().stream().filter(slit -> !cut.contains(slit)).toList();
    }

    /** How often the run passes the press. */
    public int passes() {
        return loads.stream().mapToInt(Load::passes).sum();
    }

    /** Whether no plan for these dies passes less often. */
    public boolean isProven() {
        return passes() == atLeast;
    }
}
