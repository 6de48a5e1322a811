package kwibbet.formats.csv;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.paper.Colour;
import kwibbet.paper.Grain;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperKind;
import kwibbet.paper.PaperShelf;
import kwibbet.paper.Pattern;
import kwibbet.paper.SheetSizes;

import static org.assertj.core.api.Assertions.assertThat;

class PaperCsvTest {

    private static final PaperShelf EMPTY = new PaperShelf(List.of());

    private static Supplier<PaperId> ids() {
        AtomicInteger next = new AtomicInteger();
        return () -> new PaperId("new-" + next.incrementAndGet());
    }

    private static Paper paper(String id, String name, Optional<PaperId> sizeOf) {
        return new Paper(
                new PaperId(id),
                name,
                PaperKind.PATTERNED,
                new Paper.Format(SheetSizes.LETTER, MeasureSystem.INCH, Length.ofInches(1, 8)),
                new Paper.Face(new Colour("#aabbcc"), Pattern.ONE_WAY, new Colour("#ddeeff"), Pattern.ANY_WAY),
                new Paper.Body(Grain.CROSSWISE, 160, Length.ofMillimetres(1, 4)),
                new Paper.Kept(12, 45),
                sizeOf);
    }

    /** Names with commas, quotation marks and line ends are written and read as RFC 4180 has it. */
    @Test
    void whatIsWrittenIsReadAgain() {
        PaperShelf shelf = new PaperShelf(List.of(
                paper("a", "Spokes, “bright”", Optional.empty()),
                paper("b", "Spokes, \"bright\", large", Optional.of(new PaperId("a")))));
        String text = PaperCsv.write(shelf);
        assertThat(text).startsWith("name,kind,width,height,unit,").contains("\"Spokes, \"\"bright\"\", large\"");
        assertThat(PaperCsv.read(text, shelf, ids()).orThrow()).isEqualTo(shelf.papers());
        List<Paper> elsewhere = PaperCsv.read(text, EMPTY, ids()).orThrow();
        assertThat(elsewhere.get(1).sizeOf()).contains(elsewhere.get(0).id());
    }

    @Test
    void whatIsLeftOutIsUsual() {
        Outcome<List<Paper>> read = PaperCsv.read("\uFEFFName,Width,Height,Unit\nDusk,210,297,mm\n", EMPTY, ids());
        assertThat(read.orThrow()).singleElement().satisfies(paper -> {
            assertThat(paper.sheet()).isEqualTo(SheetSizes.of(SheetSizes.Family.A, 4));
            assertThat(paper.kind()).isEqualTo(PaperKind.CARD_STOCK);
            assertThat(paper.colour()).isEqualTo(Colour.WHITE);
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    Dusk,wide,11,in,,          | line 2, width
                    Dusk,8 1/2,11,in,leather,  | line 2, kind
                    Dusk,8 1/2,0,in,,          | line 2, height
                    Dusk,8 1/2,11,in,,1.234    | line 2, price
                    Dusk,8 1/2,99,in,,         | line 2
                    """)
    void whatIsWrongIsNamedWithItsLineAndColumn(String line, String where) {
        Outcome<List<Paper>> read = PaperCsv.read("name,width,height,unit,kind,price\n" + line + "\n", EMPTY, ids());
        assertThat(read.reasons())
                .anySatisfy(reason -> assertThat(reason.field()).isEqualTo(where));
    }

    @Test
    void noListIsRefused() {
        assertThat(PaperCsv.read("a,a\n1,2\n", EMPTY, ids()).reasons()).isNotEmpty();
        assertThat(PaperCsv.read("x".repeat(2_000_000), EMPTY, ids()).reasons()).hasSize(1);
    }
}
