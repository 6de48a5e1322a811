package kwibbet.app.api;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.core.io.ClassPathResource;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;

import kwibbet.app.store.Inventory;
import kwibbet.card.Materials;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.when;

/** Cards as they are made in the trade, each as the demo has it, worked out by the service. The figures are common practice, no source, or sums of them. */
@WebMvcTest(ApiController.class)
class TradeCardsTest {

    @Autowired
    private MockMvc mvc;

    @MockitoBean
    private Inventory inventory;

    @BeforeEach
    void set() {
        when(inventory.materials()).thenReturn(Materials.USUAL);
    }

    /** Each figure is a piece, its size, and where it is scored, if it is. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            value = {
                // A pleated blind every half inch behind a window, its valance folded over at three quarters.
                "01-evening-window | Base 10×7 at 5; Blind 3×4 at 1/2, 1, 1 1/2, 2, 2 1/2, 3, 3 1/2; Blind, valance 3×1 at 3/4",
                // A slimline with a strip made longer on its pitch.
                "04-night-train | Base 8×9 at 4; Porthole 2 1/4×2 1/4; Lamp strip 3 1/4×8 1/4",
                // Slits folded back, in line with what is embossed, two corners held by brads.
                "02-conductor | Base 10×7; Waistcoat 4 1/2×6 1/2",
                // A see-through shaker of a square card on a stand.
                "05-headlight | Base 10×5 at 5; Glass 3 1/2×3 1/2; Glass, film 3×3; Glass, second film 3×3; Stand 1 1/4×3 3/4 at 3/4",
                // A small gate, tied shut, on an embossed and inked ground.
                "06-spare-parts | Base 10×7 at 5; Parcel 5×3 1/2 at 1 1/4, 3 3/4",
                // A round that folds with a quarter inch left off, its foot cut flat.
                "09-dial | Base 8×5 at 4",
                // A pinwheel from eight inches closes to four and a quarter.
                "10-dynamo | Base 8×8",
                // A shutter gate: sleeve, two shutters with half-inch tabs.
                "11-signal-box | Base 10×7 at 2 1/2, 7 1/2; Sleeve 4×8 at 1/2, 7 1/2; Left shutter 4×4 at 1/2; Right shutter 4×4 at 1/2",
                // A bridged clear front from five by nine, its film a sixteenth short, its loose strip the two inches
                // that are left.
                "12-arc-lamp | Base 5×9 at 2; Clear front 5×6 15/16; Loose strip 5×2",
                // A flap that comes round the edge.
                "13-saddle-bag | Base 9 3/4×5 1/2 at 4 1/4, 8 1/2; Front mat 4×5 1/4",
                // A gate held shut by a tie.
                "16-workshop-doors | Base 10×7 at 2 1/2, 7 1/2; Left door mat 2 1/4×6 3/4; Middle mat 4 3/4×6 3/4",
                // A front an inch and a quarter short.
                "18-hill-climb | Base 8 3/4×5 at 3 3/4",
                // A top fold from four and a quarter by eleven.
                "19-first-ride | Base 4 1/4×11 at 5 1/2; Spoke mat 4×5 1/4",
                // A panel die with a window and stars.
                "21-lit-window | Base 8 1/2×5 1/2 at 4 1/4; Lamp mat 4×5 1/4; Window panel 3 3/4×5",
                // One die that cuts and creases; a lattice kept off the hexagon.
                "22-shelter | Base 7 1/2×4 at 2 1/2, 5",
                // A round base with a quarter inch left off and its foot cut flat, a wall of ten frames, a hut left
                // hanging, a dam.
                "29-roundhouse | Base 10×4 3/4 at 5; Yard 4 1/4×4 1/4; Dam 1 3/4×3/8; Glass, wall 1 4×4; Glass, wall 10 4×4; Glass 4×4; Glass, film 3 1/2×3 1/2",
                // Printed at home on both faces.
                "29-night-departure | Base 8 1/2×5 1/2 at 4 1/4; Room to write 3×4",
                // A short front whose edge a die cuts in scallops, half-inch borders, tape behind.
                "29-awning | Base 8 3/4×5 at 3 3/4; Stall front 2 3/4×4; Price list 3×4",
                // A gate with a panel hung from a strip in its gap, a shaker of a jar on it, a pocket with fishtails, a
                // tag
                // held by a brad.
                "23-level-crossing | Base 9×5 1/2 at 1 3/4, 7 1/4; Hanger 1 3/4×3/4; Warning board 3 1/2×3 1/2; Signal glass 1 3/4×2 3/8; Signal glass, film 1 1/2×2 1/8; Ticket pocket 3×1 1/2; Ticket pennant 2 1/2×1/2; Luggage tag 3/4×1 1/2",
                // Three panels of unlike borders, the last cut off at the edge: eight and three quarters less six and a
                // quarter.
                "24-branch-line | Base 9×8 at 4; Ground 8 3/4×3 3/4; Meadow 2 1/2×3 1/4; Dusk 2 1/4×2 1/2; Signal 2 1/2×2 3/4",
                // A see-through shaker in a panel between two side strips.
                "25-porthole-coach | Base 8 1/2×5 1/2 at 4 1/4; Panel 3 3/4×5 1/2; Porthole 3 1/2×3 1/2; Porthole, second film 3×3",
                // Mats stepped down, a label between two gems.
                "26-ticket-office | Counter 4×5 1/4; Wall 3 1/4×4 1/2; Poster 3×4 1/4; Sign 1 3/4×1/2",
                // A roll fold whose inner flap is a sixteenth short, with a window in each flap.
                "27-two-platforms | Base 10 7/16×5 at 3 1/2, 7; Near window 2 1/2×2 1/2; Far train 2 1/2×1"
            })
    void everyFigureComesOut(String card, String figures) throws Exception {
        JsonNode made = made(card);
        List<String> told = new ArrayList<>();
        for (JsonNode piece : made.path("pieces")) {
            told.add(told(piece, false));
            told.add(told(piece, true));
        }
        assertThat(told).contains(figures.strip().split("; "));
        // Usual work is worth no look, but for doors that leave a gap and a panel flush one way.
        for (JsonNode finding : made.path("findings")) {
            assertThat(finding.path("severity").asString())
                    .as(finding.toString())
                    .isEqualTo("note");
            assertThat(finding.path("rule").asString()).isIn("doors-apart", "flush-one-way");
        }
    }

    /** A slit of three quarters comes in from the bottom edge of seven inches, as the badge and the lapels do in the middle of the front. */
    @Test
    void slitsAreInLineWithWhatIsEmbossed() throws Exception {
        List<String> slits = new ArrayList<>();
        for (JsonNode slit : made("02-conductor").path("pieces").get(0).path("slits")) {
            slits.add(slit.get(0).path("x").asString() + " "
                    + slit.get(0).path("y").asString() + " to "
                    + slit.get(1).path("x").asString() + " "
                    + slit.get(1).path("y").asString());
        }
        assertThat(slits).contains("2 1/2 in 7 in to 2 1/2 in 6 1/4 in");
    }

    /** What is used up besides paper, as a maker lays it out. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        // Cubic inches: twice 2 1/2 squared and 10 by an eighth, a thousandth thick.
        "25-porthole-coach, powder, 0.014",
        "23-level-crossing, 'gem, red, 3/16 in', 2",
        "29-awning, 'decorative tape, 1 in wide', 5 in",
        "23-level-crossing, 'brad, 3/16 in', 2",
        "23-level-crossing, 'brad, gold, 3/16 in', 1",
        "23-level-crossing, 'decorative tape, red, 5/8 in wide', 1 3/4 in",
        "26-ticket-office, 'gem, 1/8 in', 2",
        "26-ticket-office, glue dot, 2",
        "02-conductor, 'brad, 3/16 in', 2",
        "06-spare-parts, brad, 2",
        "06-spare-parts, twine, 19 in",
        "16-workshop-doors, brad, 2",
        "13-saddle-bag, 'magnet, 3/8 in', 2"
    })
    void suppliesAreCounted(String card, String name, String amount) throws Exception {
        List<String> amounts = new ArrayList<>();
        for (JsonNode supply : made(card).path("supplies")) {
            if (supply.path("name").asString().equals(name)) {
                amounts.add(supply.path("amount").asString());
            }
        }
        assertThat(amounts).containsExactly(amount);
    }

    /**
     * The opening of a see-through shaker in its base and in its panel lie over each other: a quarter of an inch further in on the base. Of a lattice a repeat
     * of a quarter of an inch fits six times into 1 5/8 and four times into 1 1/8, what is left over on both sides of it: five inches and 17/32 from the left,
     * clear of the hexagon that ends at 1 3/4.
     */
    @ParameterizedTest
    @CsvSource({
        "25-porthole-coach, /pieces/0/openings/0, 7/8 in, 1 1/2 in",
        "25-porthole-coach, /pieces/1/openings/0, 5/8 in, 1 1/2 in",
        "22-shelter, /pieces/0/openings/0, 5 5/8 in, 1/2 in",
        "22-shelter, /pieces/0/openings/1, 5 17/32 in, 2 11/32 in",
        "22-shelter, /pieces/0/openings/24, 6 25/32 in, 3 3/32 in"
    })
    void openingsLieWhereTheyWereFigured(String card, String opening, String left, String top) throws Exception {
        JsonNode corner = made(card).at(opening + "/corner");
        assertThat(corner.path("x").asString()).isEqualTo(left);
        assertThat(corner.path("y").asString()).isEqualTo(top);
    }

    /** What is held, and where: a board along its top edge, a pocket and two panels along three, and the ticket in the pocket not at all. */
    @ParameterizedTest
    @CsvSource({
        "23-level-crossing, /joins/1, tape, along the top edge of",
        "23-level-crossing, /joins/4, nothing, ''",
        "23-level-crossing, /joins/5, tape, 'along the left, the right and the bottom edge of'",
        "28-lost-property, /panels/0/attachments/1, tape, 'along the left, the right and the bottom edge of'"
    })
    void whereItIsHeldIsTold(String card, String what, String with, String where) throws Exception {
        JsonNode held = made(card).at(what);
        assertThat(held.path("held").asString()).isEqualTo(with);
        assertThat(held.path("where").asString()).isEqualTo(where);
    }

    private JsonNode made(String card) throws Exception {
        String document = new ClassPathResource("demo/" + card + ".json").getContentAsString(StandardCharsets.UTF_8);
        return JsonApi.answer(mvc, "/api/cards", document, 200);
    }

    private static String told(JsonNode piece, boolean withScores) {
        List<String> scores = new ArrayList<>();
        piece.path("scores").forEach(score -> scores.add(bare(score.path("at"))));
        String size = bare(piece.at("/size/width")) + "×" + bare(piece.at("/size/height"));
        return piece.path("name").asString() + " " + size + (withScores ? " at " + String.join(", ", scores) : "");
    }

    private static String bare(JsonNode inches) {
        return inches.asString().replace(" in", "");
    }
}
