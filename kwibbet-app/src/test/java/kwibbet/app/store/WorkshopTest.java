package kwibbet.app.store;

import java.math.BigDecimal;
import java.util.List;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;

import kwibbet.app.Samples;
import kwibbet.bench.JointPlan;
import kwibbet.card.Copies;
import kwibbet.card.Design;
import kwibbet.card.Materials;
import kwibbet.card.Settings;
import kwibbet.card.base.RollFold;
import kwibbet.layout.Thrift;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.run.CardRun;
import kwibbet.run.SettledRun;
import kwibbet.shape.Size;
import kwibbet.tool.Toolbox;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.when;

/** A card is worked out once, and anew as soon as anything it follows from is another. */
class WorkshopTest {

    private final Inventory inventory = Mockito.mock(Inventory.class);
    private final Workshop workshop = new Workshop(inventory, Mockito.mock(PlanBook.class));

    private void shelf(String caliper) {
        Paper stock = Samples.paper("stock", "Stock", Length.parse(caliper, MeasureSystem.INCH));
        PaperShelf shelf = new PaperShelf(List.of(stock));
        when(inventory.shelf()).thenReturn(shelf);
        when(inventory.toolbox()).thenReturn(Toolbox.GENERIC);
        when(inventory.materials()).thenReturn(new Materials(shelf, Graduation.SIXTEENTHS));
    }

    @BeforeEach
    void set() {
        shelf("1/64");
    }

    @Test
    void theSameDesignIsTheSameCardAndRun() {
        Design design = Samples.design("Card");
        CardRun run = Samples.run("Card");
        assertThat(workshop.card(design)).isSameAs(workshop.card(Samples.design("Card")));
        assertThat(workshop.run(run)).isSameAs(workshop.run(run));
        assertThat(workshop.run(run).plan().cents()).contains(75L);
        assertThat(workshop.run(run).plan().paperOfOneCard()).contains(new BigDecimal("0.25"));
    }

    /** What is about to be cut no longer changes. */
    @Test
    void aSearchIsOverBeforeTheSheetsAreCut() {
        CardRun run = Samples.run("Card");
        Workshop.Worked settled = workshop.settled(run);
        assertThat(settled.plan().sheets().isProven()).isTrue();
        assertThat(workshop.hunt(run).isOn()).isFalse();
        assertThat(workshop.run(run)).isSameAs(settled);
    }

    /** A cutting day that is looked at again is not searched again. */
    @Test
    void runsCutTogetherAreRemembered() {
        List<SettledRun.Line> both = List.of(
                new SettledRun.Line("1", Samples.design("One"), Copies.ONE),
                new SettledRun.Line("2", Samples.design("Other"), Copies.ONE));
        JointPlan plan = workshop.together(both, Thrift.FEWEST_SHEETS);
        assertThat(plan.run().cards()).hasSize(2);
        assertThat(workshop.together(both, Thrift.FEWEST_SHEETS)).isSameAs(plan);
        assertThat(workshop.together(both, Thrift.LEAST_COST)).isNotSameAs(plan);
    }

    @Test
    void anotherThicknessIsAnotherCard() {
        Design roll = Design.of("Roll", MeasureSystem.INCH, new RollFold(), Settings.PRESET, new PaperId("stock"));
        Length thin = workshop.card(roll).base().size().width();
        shelf("3/64");
        assertThat(workshop.card(roll).base().size().width()).isLessThan(thin);
    }

    /** 15/64 in is as thick as chipboard: five wrapped panels leave nothing of the last, and the card is shown in usual stock. */
    @Test
    void aKeptCardWhosePaperGrewTooThickIsStillShown() {
        Design roll = Design.of("Roll", MeasureSystem.INCH, new RollFold(), Settings.PRESET, new PaperId("stock"))
                .resized(new Size(Length.ofInches(2), Length.ofInches(5)));
        Design six = roll.with(roll.settings().with(RollFold.PANELS, 6));
        shelf("15/64");
        assertThat(workshop.make(six).reasons()).isNotEmpty();
        assertThat(workshop.card(six).base().scores()).hasSize(5);
    }

    @Test
    void oneThatCannotBeMadeIsRememberedToo() {
        Design empty = Samples.design(" ");
        assertThat(workshop.make(empty).reasons()).isNotEmpty();
        assertThat(workshop.make(empty)).isSameAs(workshop.make(empty));
    }
}
