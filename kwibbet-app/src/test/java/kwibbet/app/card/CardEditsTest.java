package kwibbet.app.card;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;

import kwibbet.app.Samples;
import kwibbet.app.web.Entries;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Fit;
import kwibbet.card.Host;
import kwibbet.card.Layer;
import kwibbet.card.PieceId;
import kwibbet.measure.Length;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;

/** From what was typed to a changed design, or to messages at the fields they belong to. */
class CardEditsTest {

    private static final Design PLAIN = Samples.design("Card");

    private final CardEdits edits = new CardEdits();

    private static Card card(Design design) {
        return CardMaker.make(design).orThrow();
    }

    private static Entries typed(String... pairs) {
        Map<String, String> fields = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            fields.put(pairs[i], pairs[i + 1]);
        }
        return Entries.of(fields);
    }

    private Design withMat(Design design, String face, String border) {
        return edits.addMat(card(design), typed("face", face, "border", border, "paper", "stock"))
                .orElseThrow();
    }

    @Test
    void aSecondMatGoesOnTheFirstAndAnotherFaceStartsAnew() {
        Design design =
                withMat(withMat(withMat(PLAIN, "front-outside", "1/8"), "front-outside", "1/8"), "back-inside", "1/4");
        assertThat(design.layers()).extracting(layer -> layer.id().value()).containsExactly("mat-1", "mat-2", "mat-3");
        assertThat(design.layers())
                .extracting(Layer::host)
                .containsExactly(
                        new Host.OnFace("front-outside"),
                        new Host.OnLayer(new PieceId("mat-1")),
                        new Host.OnFace("back-inside"));
    }

    @Test
    void aMatNeedsAFaceAPaperAndABorderThatLeavesSomething() {
        Entries nothing = typed("face", "spine", "border", "x", "paper", "");
        assertThat(edits.addMat(card(PLAIN), nothing)).isEmpty();
        assertThat(nothing.message("face")).isNotEmpty();
        assertThat(nothing.message("border")).contains("is not a length");
        assertThat(nothing.message("paper")).isEqualTo("Choose a paper.");
        Entries tooWide = typed("face", "front-outside", "border", "2 1/2", "paper", "stock");
        assertThat(edits.addMat(card(PLAIN), tooWide)).isEmpty();
        assertThat(tooWide.message("border")).contains("can be at most 2 7/16 in");
    }

    @Test
    void changingALayerKeepsWhatItSitsOn() {
        Design design = withMat(PLAIN, "front-outside", "1/8");
        Entries entries = typed("name", "Panel", "fit", "size", "width", "4", "height", "100mm", "paper", "other");
        Design changed = edits.layer(design, design.layers().get(0), entries).orElseThrow();
        assertThat(changed.layers()).singleElement().satisfies(layer -> {
            assertThat(layer.host()).isEqualTo(new Host.OnFace("front-outside"));
            assertThat(layer.fit()).isEqualTo(new Fit.BySize(new Size(Length.ofInches(4), Length.ofMillimetres(100))));
            assertThat(layer.name()).isEqualTo("Panel");
        });
    }

    @Test
    void aChangeThatLeavesAnotherLayerWithoutRoomIsSaidAtTheWholeForm() {
        Design design = withMat(PLAIN, "front-outside", "1/8");
        Entries fixed = typed("name", "Panel", "fit", "size", "width", "4 3/4", "height", "6", "paper", "stock");
        Design panel = edits.layer(design, design.layers().get(0), fixed).orElseThrow();
        Entries narrower = typed("width", "4 1/2", "height", "7", "fold", "side", "shortBy", "0", "paper", "stock");
        assertThat(edits.base(panel, narrower)).isEmpty();
        assertThat(narrower.message("form")).startsWith("Panel would be wider than what it sits on");
        assertThat(narrower.shown("width", "5")).isEqualTo("4 1/2");
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
                "foldAlongGrain",
                "yes");
        Design changed = edits.base(PLAIN, entries).orElseThrow();
        assertThat(card(changed).base().size()).isEqualTo(new Size(Length.ofInches(6), Length.ofInches(8)));
        assertThat(changed.foldAlongGrain()).isTrue();
        assertThat(changed.paper()).isEqualTo(new PaperId("blue"));
        Entries unknown = typed("width", "6", "height", "5", "fold", "corner", "shortBy", "0", "paper", "blue");
        assertThat(edits.base(PLAIN, unknown)).isEmpty();
        assertThat(unknown.message("fold")).contains("cannot be “corner”");
    }

    @Test
    void aNameIsNeeded() {
        Entries blank = typed("name", "   ");
        assertThat(edits.name(PLAIN, blank)).isEmpty();
        assertThat(blank.message("name")).contains("1 to 60 letters");
    }
}
