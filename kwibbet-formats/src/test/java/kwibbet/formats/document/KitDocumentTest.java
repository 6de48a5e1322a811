package kwibbet.formats.document;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import kwibbet.kit.Extra;
import kwibbet.kit.Kit;
import kwibbet.kit.LearnerPace;
import kwibbet.kit.Meeting;
import kwibbet.kit.Pricing;
import kwibbet.kit.SharedTool;
import kwibbet.kit.Sharing;
import kwibbet.kit.Sharing.StepOf;
import kwibbet.kit.Slot;
import kwibbet.kit.Table;
import kwibbet.kit.Venue;
import kwibbet.kit.Who;
import kwibbet.making.Station;
import kwibbet.outcome.Refusal;

import static org.assertj.core.api.Assertions.assertThat;

class KitDocumentTest {

    private static final Meeting MEETING = new Meeting(
            new Slot(LocalDate.of(2027, 3, 20), LocalTime.of(14, 30), 90, 10),
            new Venue("Yard", Map.of(SharedTool.PRESS, 1, SharedTool.HEAT, 0), List.of(new Table("Window", 3))),
            new LearnerPace(180, 20, 35),
            45);

    private static final Kit EVENING = new Kit(
            "Evening",
            new Kit.Contents(
                    List.of(new Kit.Line("one", 1), new Kit.Line("other", 3)),
                    List.of(new Extra("envelope", 2, new Extra.Pack(25, 480)))),
            new Kit.Bags(12, 2),
            new Sharing(
                    Map.of(Station.PRESS, Who.MAKER, Station.FOLDING, Who.HELPER),
                    Map.of(
                            new StepOf("one", "stick-mat"), Who.MAKER,
                            new StepOf("one", "fold-base"), Who.LEARNER,
                            new StepOf("other", "fold-base"), Who.HELPER)),
            Optional.of(MEETING),
            new Pricing(Pricing.Counted.PIECES, 2_400, 33, Pricing.Rounding.NINETY_FIVE));

    @Test
    void aKitReadsBackAsItWas() {
        assertThat(KitDocument.read(KitDocument.write(EVENING)).orThrow()).isEqualTo(EVENING);
        Meeting nowhere = new Meeting(MEETING.slot(), Venue.of("", Map.of()), LearnerPace.USUAL, 1);
        Kit kit = new Kit(
                "Box",
                Kit.Contents.of(List.of(new Kit.Line("one", 1))),
                new Kit.Bags(40, 0),
                Sharing.NONE,
                Optional.of(nowhere),
                Pricing.NONE);
        assertThat(KitDocument.read(KitDocument.write(kit)).orThrow()).isEqualTo(kit);
        Kit sold = new Kit(
                "Box",
                Kit.Contents.of(List.of(new Kit.Line("one", 1))),
                new Kit.Bags(40, 0),
                Sharing.NONE,
                Optional.empty(),
                Pricing.NONE);
        assertThat(KitDocument.read(KitDocument.write(sold)).orThrow()).isEqualTo(sold);
        assertThat(KitDocument.write(EVENING))
                .isEqualTo(KitDocument.write(
                        KitDocument.read(KitDocument.write(EVENING)).orThrow()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2027-03-20 | 20 March   | /class/date      | It must be a date as 2027-03-20, not “20 March”.",
                "14:30      | half three | /class/start     | It must be a time as 14:00, not “half three”.",
                "\"maker\"  | \"nobody\" | /rules/press     | 'It must be one of: maker, helper, learner.'",
                "\"press\":1| \"press\":-1 | /class/tools/press | It must be a whole number from 0 to 5000.",
                "\"bags\":12| \"bags\":0 | /bags            | It must be a whole number from 1 to 5000.",
            })
    void whatIsNotInFormIsNamed(String right, String wrong, String where, String what) {
        String document = KitDocument.write(EVENING).replaceFirst(right, wrong);
        assertThat(KitDocument.read(document).reasons()).containsExactly(new Refusal(where, what));
    }
}
