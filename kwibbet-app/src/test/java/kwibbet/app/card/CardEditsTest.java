package kwibbet.app.card;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;

import kwibbet.app.Samples;
import kwibbet.app.store.Artworks;
import kwibbet.app.store.Inventory;
import kwibbet.app.store.PlanBook;
import kwibbet.app.store.Workshop;
import kwibbet.app.web.Entries;
import kwibbet.card.Addition;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Craft;
import kwibbet.card.Cutter;
import kwibbet.card.Design;
import kwibbet.card.FaceId;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.Materials;
import kwibbet.card.PanelId;
import kwibbet.card.Parameter;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.Bases;
import kwibbet.card.base.FoldedBase;
import kwibbet.card.base.ShapedBase;
import kwibbet.card.feature.Features;
import kwibbet.card.feature.Mat;
import kwibbet.card.feature.Ribbon;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.shape.CutShape;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Sides;
import kwibbet.tool.Toolbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.when;

/** From what was typed to a changed design, or to messages at the fields they belong to. */
class CardEditsTest {

    private static final Design PLAIN = Samples.design("Card");

    private final Inventory inventory = Mockito.mock(Inventory.class);
    private final CardEdits edits = new CardEdits(
            inventory, Mockito.mock(Artworks.class), new Workshop(inventory, Mockito.mock(PlanBook.class)));

    @BeforeEach
    void set() {
        List<Paper> papers = Stream.of("stock", "blue", "other")
                .map(id -> Samples.paper(id, id, Materials.USUAL.caliper(PaperId.NONE)))
                .toList();
        when(inventory.materials()).thenReturn(new Materials(new PaperShelf(papers), Graduation.SIXTEENTHS));
    }

    private static Card card(Design design) {
        return CardMaker.make(design, Materials.USUAL).orThrow();
    }

    private static Entries typed(String... pairs) {
        Map<String, String> fields = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            fields.put(pairs[i], pairs[i + 1]);
        }
        return Entries.of(fields);
    }

    private Design withMat(Design design, String on, String border) {
        return edits.add(card(design), typed("feature", "mat", "on", on, "border", border, "paper", "stock"))
                .orElseThrow();
    }

    @Test
    void whatIsAddedGoesWhereItIsAskedForUnderAnIdOfItsOwn() {
        Design design = withMat(withMat(withMat(PLAIN, "front-outside", "1/8"), "mat-1", "1/8"), "back-inside", "1/4");
        assertThat(design.additions())
                .extracting(addition -> addition.id().value())
                .containsExactly("mat-1", "mat-2", "mat-3");
        assertThat(design.additions())
                .extracting(Addition::host)
                .containsExactly(
                        new Host.OnFace(new FaceId(new PanelId("front"), Side.UNDER)),
                        new Host.OnPiece(new PieceId("mat-1")),
                        new Host.OnFace(new FaceId(new PanelId("back"), Side.UP)));
    }

    @Test
    void everyFeatureIsAddedAtASizeThatSuitsASmallPanel() {
        Design small = Design.of("Small", MeasureSystem.INCH, new FoldedBase(), Settings.PRESET, new PaperId("stock"))
                .resized(new Size(Length.ofInches(3), Length.ofInches(4)));
        for (Feature feature : Features.ALL) {
            Entries entries = typed("feature", feature.key(), "on", "front-outside");
            assertThat(edits.add(card(small), entries))
                    .as(feature.key() + entries.messages())
                    .isPresent();
        }
    }

    @Test
    void aMatNeedsAPlaceAPaperAndABorderThatLeavesSomething() {
        Entries nothing = typed("feature", "moat", "on", "spine");
        assertThat(edits.add(card(PLAIN), nothing)).isEmpty();
        assertThat(nothing.message("on")).isNotEmpty();
        assertThat(nothing.message("feature")).isNotEmpty();
        Entries tooWide = typed("feature", "mat", "on", "front-outside", "border", "2 1/2", "paper", "stock");
        assertThat(edits.add(card(PLAIN), tooWide)).isEmpty();
        assertThat(tooWide.message("border")).contains("can be at most 2 7/16 in");
        Entries without = typed("feature", "mat", "on", "front-outside", "border", "x", "paper", "");
        assertThat(edits.add(card(PLAIN), without)).isEmpty();
        assertThat(without.message("border")).contains("is not a length");
        assertThat(without.message("paper")).isEqualTo("Choose a paper.");
    }

    /** A form sends all its fields: 5/8 is what tape usually is wide, 1/16 twine, and what is said otherwise stays. */
    @Test
    void twineIsNotAsWideAsTape() {
        Design taped = edits.add(card(PLAIN), typed("feature", "ribbon", "on", "front-outside"))
                .orElseThrow();
        assertThat(wide(taped)).isEqualTo(Length.ofInches(5, 8));
        assertThat(changed(taped, "ribbon", "tape", "wide", "5/8")).isSameAs(taped);
        Design twine = changed(taped, "ribbon", "twine", "wide", "5/8");
        assertThat(wide(twine)).isEqualTo(Length.ofInches(1, 16));
        assertThat(wide(changed(twine, "ribbon", "ribbon", "wide", "1/16"))).isEqualTo(Length.ofInches(5, 8));
        Design thick = changed(twine, "ribbon", "twine", "wide", "1/8");
        assertThat(wide(changed(thick, "ribbon", "ribbon", "wide", "1/8"))).isEqualTo(Length.ofInches(1, 8));
    }

    private Design changed(Design design, String... typed) {
        return edits.addition(card(design), design.additions().get(0), typed(typed))
                .orElseThrow();
    }

    private static Length wide(Design design) {
        return design.additions().get(0).settings().length(Ribbon.WIDE);
    }

    @Test
    void changingAnAdditionKeepsWhatItsFormDoesNotShow() {
        Design design = withMat(PLAIN, "front-outside", "1/8");
        Entries entries = typed("name", "Panel", "fit", "size", "width", "4", "height", "100mm", "paper", "other");
        Design changed =
                edits.addition(card(design), design.additions().get(0), entries).orElseThrow();
        assertThat(changed.additions()).singleElement().satisfies(mat -> {
            assertThat(mat.host()).isEqualTo(new Host.OnFace(new FaceId(new PanelId("front"), Side.UNDER)));
            assertThat(mat.settings().length(Mat.HEIGHT)).isEqualTo(Length.ofMillimetres(100));
            assertThat(mat.settings().length(Mat.BORDER)).isEqualTo(Length.ofInches(1, 8));
            assertThat(mat.name()).isEqualTo("Panel");
        });
    }

    @Test
    void aChangeThatLeavesAnotherLayerWithoutRoomIsSaidAtTheWholeForm() {
        Design design = withMat(PLAIN, "front-outside", "1/8");
        Entries fixed = typed("name", "Panel", "fit", "size", "width", "4 3/4", "height", "6", "paper", "stock");
        Design panel =
                edits.addition(card(design), design.additions().get(0), fixed).orElseThrow();
        Entries narrower = typed("width", "5", "height", "7", "fold", "side", "shortBy", "1/2", "paper", "stock");
        assertThat(edits.base(panel, narrower)).isEmpty();
        assertThat(narrower.message("form")).startsWith("Panel would be wider than what it sits on");
        assertThat(narrower.shown("shortBy", "0")).isEqualTo("1/2");
    }

    @Test
    void theBaseTakesAllItsParametersAtOnce() {
        Entries entries = typed(
                "width",
                "6",
                "height",
                "4 1/2",
                "fold",
                "top",
                "shortBy",
                "1",
                "paper",
                "blue",
                "asks-foldAlongGrain",
                "yes",
                "foldAlongGrain",
                "yes");
        Design changed = edits.base(PLAIN, entries).orElseThrow();
        assertThat(card(changed).base().size()).isEqualTo(new Size(Length.ofInches(6), Length.ofInches(8)));
        assertThat(changed.foldAlongGrain()).isTrue();
        assertThat(changed.papers()).containsEntry("paper", new PaperId("blue"));
        Entries unknown = typed("width", "6", "height", "5", "fold", "corner", "shortBy", "0", "paper", "blue");
        assertThat(edits.base(PLAIN, unknown)).isEmpty();
        assertThat(unknown.message("fold")).isEqualTo("Choose one of the list.");
    }

    /** What was on the front goes on the first door, what was inside inside; what has no place is named, and nothing else is lost. */
    @Test
    void aBegunCardCanBeFoldedOtherwise() {
        Design design = withMat(withMat(PLAIN, "front-outside", "1/8"), "back-inside", "1/4");
        design = edits.add(card(design), typed("feature", "magnets", "on", "front-outside"))
                .orElseThrow();
        Entries gate = typed("other-base", "gate");
        Design folded = edits.otherBase(card(design), gate).orElseThrow();
        assertThat(folded.base().key()).isEqualTo("gate");
        assertThat(folded.finished()).isEqualTo(design.finished());
        assertThat(folded.additions())
                .extracting(each -> each.host())
                .contains(new Host.OnFace(FaceId.parse("left-outside").orElseThrow()));
        assertThat(gate.messages()).isEmpty();
        Entries custom = typed("other-base", "pinwheel");
        Design wheel = edits.otherBase(card(design), custom).orElseThrow();
        assertThat(custom.message("other-base")).startsWith("Left out, since a pinwheel has no place for it: Mat 2");
        assertThat(wheel.additions()).extracting(each -> each.name()).contains("Mat 1");
        assertThat(edits.otherBase(card(design), typed("other-base", "none"))).isEmpty();
    }

    /** An opening and a shaped base take the measures of a die at hand; what no die cuts offers none. */
    @Test
    void whatIsInHandIsCutWithADie() {
        Die wheel = new Die(
                new DieId("wheel"),
                "Wheel",
                new CutShape(CutShape.Kind.OVAL, new Size(Length.ofInches(3), Length.ofInches(3))),
                Length.ofInches(1, 16),
                Die.Detail.PLAIN,
                Sides.STRAIGHT,
                "",
                1);
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC.withDies(List.of(wheel)));
        Design open = edits.add(card(PLAIN), typed("feature", "opening", "on", "front-outside"))
                .orElseThrow();
        Design cut = edits.die(card(open), "opening-1", typed("die", "wheel")).orElseThrow();
        assertThat(card(cut).base().openings().get(0).shape()).isEqualTo(wheel.shape());
        assertThat(card(cut).cutter(new PieceId("opening-1"))).isEqualTo(new Cutter.ByDie(wheel.id()));
        Design byHand =
                edits.die(card(cut), "opening-1", typed("die", "by hand")).orElseThrow();
        assertThat(card(byHand).base().openings().get(0).shape()).isEqualTo(wheel.shape());
        assertThat(card(byHand).cutter(new PieceId("opening-1"))).isEqualTo(Cutter.HAND);
        ShapedBase shaped = new ShapedBase();
        Design round =
                Design.of("Round", MeasureSystem.INCH, shaped, shaped.start(MeasureSystem.INCH), new PaperId("stock"));
        Design base = edits.die(card(round), "base", typed("die", "wheel")).orElseThrow();
        // A quarter is left off at the fold, another is trimmed off at the foot.
        assertThat(base.finished()).isEqualTo(new Size(Length.ofInches(11, 4), Length.ofInches(11, 4)));
        // Sent as it stands, it changes nothing.
        assertThat(edits.die(card(round), "base", typed("die", ""))).contains(round);
        assertThat(edits.otherBase(card(round), typed("other-base", "shaped"))).contains(round);
        Entries none = typed("die", "gone");
        assertThat(edits.die(card(round), "base", none)).isEmpty();
        assertThat(none.message("die")).isEqualTo("Choose one of your dies.");
        assertThat(edits.die(card(PLAIN), "base", typed("die", "wheel"))).isEmpty();
    }

    @Test
    void aThingIsMadeOnceMoreUnlessItFillsItsPlace() {
        Design tagged = edits.add(card(PLAIN), typed("feature", "ornament", "on", "front-outside"))
                .orElseThrow();
        Design twice =
                edits.quick(card(tagged), "once-more", "ornament-1", typed()).orElseThrow();
        assertThat(twice.additions()).hasSize(2);
        Design matted = edits.add(card(PLAIN), typed("feature", "mat", "on", "front-outside"))
                .orElseThrow();
        Entries none = typed();
        assertThat(edits.quick(card(matted), "once-more", "mat-1", none)).isEmpty();
        assertThat(none.message("form")).isEqualTo("There is nothing to do that with here.");
    }

    @Test
    void aNameIsNeeded() {
        Entries blank = typed("name", "   ");
        assertThat(edits.name(PLAIN, blank)).isEmpty();
        assertThat(blank.message("name")).contains("1 to 60 letters");
    }

    /** A page says what is looked at in fields of its own: a setting of such a name would be taken for it. */
    @Test
    void noSettingIsNamedAsAFieldOfThePage() {
        Stream<Craft> crafts = Stream.concat(Bases.ALL.stream(), Features.ALL.stream());
        assertThat(crafts.flatMap(craft -> craft.parameters().stream()).map(Parameter::key))
                .doesNotContain("version", "station", "held", "pose", "at", "way", "edit", "gesture", "on", "name");
    }
}
