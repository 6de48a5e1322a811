package kwibbet.formats.document;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import kwibbet.bench.RunPlan;
import kwibbet.card.Addition;
import kwibbet.card.Base;
import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.card.Design;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.OwnMaking;
import kwibbet.card.OwnMaking.Telling;
import kwibbet.card.OwnStep;
import kwibbet.card.Parameter;
import kwibbet.card.PieceId;
import kwibbet.card.Settings;
import kwibbet.card.Side;
import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.card.feature.Beginnings;
import kwibbet.card.feature.Features;
import kwibbet.formats.Samples;
import kwibbet.formats.pdf.Handout;
import kwibbet.formats.pdf.PageFormat;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.run.CardRun;
import kwibbet.shape.Size;

import static org.assertj.core.api.Assertions.assertThat;

/** Every base with every feature on it is written, read back equal, and printed. */
class EveryDesignTest {

    static Stream<Base> bases() {
        return Bases.ALL.stream();
    }

    /** As many features as find room, on the first face, everything entered that can be entered. */
    private static Design full(Base base) {
        Size size = new Size(Length.ofInches(6), Length.ofInches(8));
        Settings settings = Starts.sized(base, size, MeasureSystem.INCH);
        Design design = Design.of("Full “house”", MeasureSystem.INCH, base, settings, new PaperId("stock"));
        for (Feature feature : Features.ALL) {
            Card card = CardMaker.make(design, Samples.MATERIALS).orThrow();
            Host host = new Host.OnFace(card.faces().get(0).id());
            PieceId id = design.nextId(feature);
            Settings entered = everything(feature, Beginnings.of(feature, card, host));
            Addition addition =
                    new Addition(id, feature.title(), feature, host, entered, Map.of("paper", new PaperId("stock")));
            Design more = design.plus(addition);
            design = CardMaker.make(more, Samples.MATERIALS).reasons().isEmpty() ? more : design;
        }
        OwnMaking own = OwnMaking.NONE
                .plus(new OwnStep("own-1", PieceId.BASE, Side.UNDER, "Sign “it”", "pen", 2, 5))
                .ordered("own-1", "score-base")
                .told(new Telling(List.of("own-1", "score-base"), "Sign and score."))
                .told(new Telling(List.of("fold-base"), ""));
        return design.with(own).withNotes("First line.\nSecond line, with \\ and \"quotes\".");
    }

    private static Settings everything(Feature feature, Settings from) {
        Settings settings = from;
        for (Parameter parameter : feature.parameters()) {
            if (parameter instanceof Parameter.OfCount count) {
                settings = settings.with(count, settings.count(count));
            } else if (parameter instanceof Parameter.OfChoice choice) {
                settings = settings.with(choice, settings.choice(choice));
            } else if (parameter instanceof Parameter.OfLength length) {
                settings = settings.with(length, settings.length(length));
            }
        }
        return settings;
    }

    @ParameterizedTest
    @MethodSource("bases")
    void whatIsWrittenIsReadBack(Base base) {
        CardRun run = CardRun.ofOne(full(base));
        assertThat(run.design().additions()).hasSizeGreaterThan(2);
        String text = DesignDocument.write(run);
        assertThat(DesignDocument.read(text).orThrow()).isEqualTo(run);
        CardRun resized =
                run.with(run.design().resized(new Size(Length.ofMillimetres(105), Length.ofMillimetres(148))));
        assertThat(DesignDocument.read(DesignDocument.write(resized)).orThrow()).isEqualTo(resized);
    }

    @ParameterizedTest
    @MethodSource("bases")
    void itIsPrintedWithATemplateOfEveryPiece(Base base) {
        RunPlan plan = Samples.plan(full(base));
        for (PageFormat format : List.of(PageFormat.A4, PageFormat.LETTER)) {
            byte[] file = Handout.write(plan, format);
            assertThat(new String(file, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
            assertThat(file.length).isGreaterThan(10_000);
        }
    }
}
