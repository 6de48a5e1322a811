package kwibbet.formats.pdf;

import java.io.IOException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

import kwibbet.bench.RunPlan;
import kwibbet.formats.Samples;
import kwibbet.kit.Kit;
import kwibbet.kit.KitPlan;
import kwibbet.kit.KitSupplies;
import kwibbet.kit.KitSupplies.Store;
import kwibbet.kit.KitSupplies.Takes;
import kwibbet.kit.LearnerPace;
import kwibbet.kit.Meeting;
import kwibbet.kit.Paces;
import kwibbet.kit.PriceList;
import kwibbet.kit.Pricing;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Sharing;
import kwibbet.kit.Slot;
import kwibbet.kit.Venue;
import kwibbet.kit.Who;
import kwibbet.making.Station;
import kwibbet.measure.MeasureSystem;

import static org.assertj.core.api.Assertions.assertThat;

/** What is printed for a class, read back with a PDF library. */
class ClassPapersTest {

    private static final Meeting MEETING = new Meeting(
            new Slot(LocalDate.of(2027, 3, 20), LocalTime.of(14, 0), 90, 10),
            Venue.of("Yard", Map.of(SharedTool.BOARD, 1)),
            LearnerPace.USUAL,
            60);

    private static String text(Optional<Meeting> meeting) throws IOException {
        Kit kit = new Kit(
                "Evening",
                Kit.Contents.of(List.of(new Kit.Line("a", 1))),
                new Kit.Bags(12, 2),
                Sharing.NONE.with(Station.BOARD, Who.MAKER),
                meeting,
                Pricing.NONE);
        RunPlan run = Samples.plan(Samples.design("Lantern", "5", "7"));
        KitPlan plan = KitPlan.of(kit, List.of(run.card()), run, Paces.UNKNOWN);
        byte[] pdf = ClassPapers.write(
                plan,
                KitSupplies.of(kit, run, Takes.of(run), Takes.NOTHING, new Store(Map.of(), PriceList.NONE)),
                meeting.map(each -> "Saturday 20 March 2027").orElse(""),
                Samples.shelf(),
                MeasureSystem.INCH,
                PageFormat.A4);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    /** Each day with what is done on it, each bag by its number, each piece as it goes into it, a line for each learner. */
    @Test
    void aClassHasItsDaysBagsRoomAndNames() throws IOException {
        String text = text(Optional.of(MEETING));
        assertThat(text)
                .contains("Saturday 20 March 2027", "Fri 19 Mar", "cut the sheets", "Lantern at the scoring board")
                .contains("What it takes", "Night blue", "tape")
                .contains("Base, scored", "Bags packed", "Nine in ten are done after", "Timetable", "14:", "Learners");
        String packed = text.substring(text.indexOf("Bags packed"), text.indexOf("The room"));
        assertThat(IntStream.rangeClosed(1, 14).mapToObj(String::valueOf))
                .allMatch(number -> packed.matches("(?s).*\\b" + number + "\\b.*"));
        assertThat(packed).doesNotContain("15");
        String names = text.substring(text.lastIndexOf("Learners"));
        assertThat(names).contains("12").doesNotContain("13");
    }

    @Test
    void aKitHasNoDay() throws IOException {
        assertThat(text(Optional.empty()))
                .contains("Base, scored", "Bags packed")
                .doesNotContain("cut the sheets", "The room", "Learners");
    }
}
