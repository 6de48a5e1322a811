package kwibbet.formats.fold;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

import kwibbet.card.Card;
import kwibbet.card.CardMaker;
import kwibbet.crease.Crease.Fold;
import kwibbet.crease.FlatFolding;
import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.fold.CardFolding;
import kwibbet.fold.CardSheets;
import kwibbet.formats.Samples;
import kwibbet.outcome.Outcome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

/** Source: the FOLD file specification 1.1, from memory. */
class FoldFormatTest {

    /** A strip of three squares, drawn with y running up as FOLD has it; the right crease a valley, the left a mountain. */
    private static final String STRIP =
            """
            {"file_spec": 1.1, "file_title": "Strip", "frame_classes": ["creasePattern"], "frame_unit": "cm",
             "vertices_coords": [[0, 0], [1, 0], [2, 0], [3, 0], [3, 1], [2, 1], [1, 1], [0, 1]],
             "edges_vertices": [[0, 1], [1, 2], [2, 3], [3, 4], [4, 5], [5, 6], [6, 7], [7, 0], [1, 6], [2, 5]],
             "edges_assignment": ["B", "B", "B", "B", "B", "B", "B", "B", "M", "V"],
             "faces_vertices": [[0, 1, 6, 7], [1, 2, 5, 6], [2, 3, 4, 5]]}""";

    private static FoldPattern read(String text) {
        return FoldReader.read(text).orThrow();
    }

    private static FlatFolding.Folds folds(FoldPattern pattern) {
        return (FlatFolding.Folds) FlatFolding.of(pattern.pattern());
    }

    @Test
    void assignmentsAndFacesAreTakenOver() {
        FoldPattern strip = read(STRIP);
        assertThat(strip.title()).isEqualTo("Strip");
        assertThat(strip.unit()).isEqualTo("cm");
        assertThat(strip.pattern().facets()).hasSize(3);
        assertThat(strip.pattern().creases())
                .extracting(crease -> crease.fold())
                .containsExactly(Fold.MOUNTAIN, Fold.VALLEY);
        FlatFolding.Folds folded = folds(strip);
        // Away at the first crease and back at the second: the third face lies under the second, both under the first.
        assertThat(folded.orders().get(0).isAbove(0, 1)).isTrue();
        assertThat(folded.orders().get(0).isAbove(1, 2)).isTrue();
    }

    /** All sheets of a card are read back as that many pieces of paper, with the creases of its base; what FOLD has no words for stands under names of our own. */
    @Test
    void allSheetsOfACardAreReadBack() {
        Card card =
                CardMaker.make(Samples.design("Night train"), Samples.MATERIALS).orThrow();
        CardFolding folding = CardFolding.of(card);
        CardSheets sheets = CardSheets.of(card, folding);
        List<FoldWriter.Frame> frames = new ArrayList<>();
        sheets.states().forEach(state -> frames.add(0, new FoldWriter.Frame("step", state)));
        String text = FoldWriter.text("Night train", "in", sheets, frames);
        FoldPattern back = read(text);
        assertThat(back.traced().rings()).hasSameSizeAs(sheets.faces());
        assertThat(back.pattern().creases()).hasSize(card.base().scores().size());
        JsonNode document = JsonMapper.shared().readTree(text);
        assertThat(document.path("kwibbet:faces")).hasSameSizeAs(sheets.faces());
        assertThat(document.path("kwibbet:joins")).hasSameSizeAs(card.joins());
        JsonNode join = document.path("kwibbet:joins").get(0);
        assertThat(join.path("with").asString())
                .isEqualTo(card.joins().get(0).adhesion().kind().words());
        assertThat(document.path("file_frames")).hasSameSizeAs(sheets.states());
        assertThat(document.path("file_frames").get(0).path("vertices_coords"))
                .hasSameSizeAs(sheets.graph().vertices());
        // Each mat lies over or under the panel it is stuck to, in the state in which all is folded.
        List<String> pairs = new ArrayList<>();
        document.path("file_frames")
                .get(0)
                .path("faceOrders")
                .forEach(order ->
                        pairs.add(order.get(0).asInt() + "/" + order.get(1).asInt()));
        for (JsonNode each : document.path("kwibbet:joins")) {
            int lower = each.path("lower").asInt();
            int upper = each.path("upper").asInt();
            assertThat(pairs).containsAnyOf(lower + "/" + upper, upper + "/" + lower);
        }
    }

    /** Written with all its states and read back, the orders of the state in which all is folded leave one way only, the same. */
    @Test
    void orderAssignmentsAndFramesSurviveTheWayThereAndBack() {
        FoldPattern free = read(STRIP.replace("\"M\", \"V\"", "\"U\", \"U\""));
        FlatFolding.Folds folded = folds(free);
        assertThat(folded.count()).isEqualTo(6);
        FoldSequence sequence = FoldSequence.of(folded);
        List<FoldWriter.Frame> frames = new ArrayList<>();
        for (FoldStep step : sequence.steps()) {
            frames.add(0, new FoldWriter.Frame("step", step.after()));
        }
        String text = FoldWriter.text("There and back", free.unit(), free.graph(), free.traced(), frames);
        assertThat(read(text).pattern().creases()).isEqualTo(free.pattern().creases());
        FoldPattern back = read(text);
        FlatFolding.Folds again = folds(back);
        assertThat(again.count()).isEqualTo(1);
        FoldStep last = sequence.steps().get(sequence.steps().size() - 1);
        for (int one = 0; one < 3; one++) {
            for (int other = 0; other < 3; other++) {
                int before = last.after().order().compare(one, other);
                boolean turned = last.after().places().of(0).isMirrored();
                assertThat(again.orders().get(0).compare(one, other)).isEqualTo(turned ? -before : before);
            }
        }
    }

    @Test
    void aPatternIsFoundInAFrameThatInherits() {
        String framed =
                """
                {"file_spec": 1.1, "frame_classes": ["foldedForm"], "vertices_coords": [[0, 0], [1, 0], [1, 1], [0, 1]],
                 "edges_vertices": [[0, 1], [1, 2], [2, 3], [3, 0], [0, 2]], "edges_assignment": ["B", "B", "B", "B", "V"],
                 "file_frames": [{"frame_inherit": true, "frame_parent": 0, "frame_classes": ["creasePattern"]}]}""";
        assertThat(read(framed).pattern().facets()).hasSize(2);
    }

    @Test
    void aWindowIsAHoleAndNoFacet() {
        String window =
                """
                {"vertices_coords": [[0, 0], [4, 0], [4, 4], [0, 4], [1, 1], [2, 1], [2, 2], [1, 2]],
                 "edges_vertices": [[0, 1], [1, 2], [2, 3], [3, 0], [4, 5], [5, 6], [6, 7], [7, 4]],
                 "edges_assignment": ["B", "B", "B", "B", "B", "B", "B", "B"]}""";
        FoldPattern read = read(window);
        assertThat(read.pattern().facets()).hasSize(1);
        assertThat(read.pattern().facets().get(0).holes()).hasSize(1);
    }

    static Stream<Arguments> damaged() {
        return Stream.of(
                arguments("", "nothing", ""),
                arguments("[]", "a list", ""),
                arguments("{\"file_spec\": 9}", "a newer version", "/file_spec"),
                arguments("{}", "no pattern", ""),
                arguments(STRIP.replace("[3, 1]", "[NaN, 1]"), "not a number", ""),
                arguments(STRIP.replace("[3, 1]", "[1e999, 1]"), "endless", "/vertices_coords/4/0"),
                arguments(STRIP.replace("[3, 1]", "[3]"), "one number", "/vertices_coords/4"),
                arguments(STRIP.replace("[3, 1]", "[3, 1, 1]"), "not flat", "/vertices_coords/4/2"),
                arguments(STRIP.replace("[2, 5]]", "[2, 55]]"), "no such vertex", "/edges_vertices/9/1"),
                arguments(STRIP.replace("[2, 5]]", "[2, 2]]"), "no length", "/edges_vertices/9"),
                arguments(STRIP.replace("[2, 5]]", "[1, 6]]"), "twice", "/edges_vertices/9"),
                arguments(STRIP.replace("[2, 5]]", "[0, 4]]"), "crossing", "/edges_vertices/9"),
                arguments(STRIP.replace("\"V\"]", "\"Q\"]"), "no such kind", "/edges_assignment/9"),
                arguments(STRIP.replace(", \"V\"]", "]"), "too few kinds", "/edges_assignment"),
                arguments(STRIP.replace("[2, 3, 4, 5]]", "[2, 3, 5]]"), "no such face", "/faces_vertices/2"),
                arguments(
                        STRIP.replace("\"faces_vertices\"", "\"faceOrders\": [[0, 7, 1]], \"faces_vertices\""),
                        "no such face to lie over",
                        "/faceOrders/0/1"),
                arguments(
                        "{\"file_frames\": [{\"frame_inherit\": true, \"frame_parent\": 2}, {\"frame_inherit\": true, \"frame_parent\": 1}]}",
                        "a ring of frames",
                        "/file_frames/0/frame_parent"),
                arguments("[".repeat(100_000), "too deep", ""),
                arguments(" ".repeat(FoldReader.LARGEST + 1), "too long", ""));
    }

    @ParameterizedTest(name = "{1}")
    @MethodSource("damaged")
    void whatIsDamagedIsRefusedWithThePlace(String text, String what, String place) {
        Outcome<FoldPattern> read = FoldReader.read(text);
        assertThat(read.reasons()).as(what).hasSize(1);
        assertThat(read.reasons().get(0).field()).isEqualTo(place);
        assertThat(read.reasons().get(0).message()).isNotBlank();
    }

    /** Whatever is changed in a document, it is read or refused. */
    @Test
    void noDamageIsAFault() {
        Random random = new Random(5);
        int refused = 0;
        for (int round = 0; round < 3_000; round++) {
            StringBuilder text = new StringBuilder(STRIP);
            for (int i = 0; i < 1 + random.nextInt(3); i++) {
                int at = random.nextInt(text.length());
                text.setCharAt(at, "0123456789-.,[]{}\"eMVB".charAt(random.nextInt(22)));
            }
            Outcome<FoldPattern> read = FoldReader.read(text.toString());
            if (read instanceof Outcome.Made<FoldPattern> made) {
                assertThat(FlatFolding.of(made.value().pattern())).isNotNull();
            } else {
                refused++;
            }
        }
        assertThat(refused).isBetween(1_000, 2_990);
    }
}
