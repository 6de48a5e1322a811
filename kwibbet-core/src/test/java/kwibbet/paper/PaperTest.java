package kwibbet.paper;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Refusal;

import static kwibbet.Inches.paper;
import static kwibbet.Inches.size;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class PaperTest {

    @Test
    void anOrdinaryPaperIsOne() {
        assertThat(paper(SheetSizes.LETTER).checked().reasons()).isEmpty();
    }

    @Test
    void everythingWrongIsSaidAtOnce() {
        Paper absurd = new Paper(
                new PaperId("x"),
                " ",
                PaperKind.PATTERNED,
                new Paper.Format(size("1/2", "60"), MeasureSystem.INCH, Length.ZERO),
                new Paper.Face(Colour.WHITE, Pattern.PLAIN),
                new Paper.Body(Grain.UNKNOWN, 5_000, Length.ZERO),
                new Paper.Kept(-1, -5),
                Optional.empty());
        assertThat(absurd.checked().reasons())
                .extracting(Refusal::field)
                .containsExactly("name", "sheetWidth", "sheetHeight", "weight", "caliper", "onHand", "price");
    }

    @Test
    void aPaperStandsOnceOnItsShelf() {
        Paper paper = paper(SheetSizes.LETTER);
        assertThat(new PaperShelf(List.of(paper)).find(paper.id())).contains(paper);
        assertThatThrownBy(() -> new PaperShelf(List.of(paper, paper))).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Colour("blue")).hasMessageContaining("blue");
    }
}
