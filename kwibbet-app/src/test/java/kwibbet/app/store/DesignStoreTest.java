package kwibbet.app.store;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.data.jpa.test.autoconfigure.DataJpaTest;
import org.springframework.boot.jdbc.test.autoconfigure.AutoConfigureTestDatabase;
import org.springframework.context.annotation.Import;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import kwibbet.app.Samples;
import kwibbet.app.store.DesignStore.Look;
import kwibbet.app.store.DesignStore.Order;
import kwibbet.card.Cutter;
import kwibbet.card.Design;
import kwibbet.card.Settings;
import kwibbet.paper.PaperId;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Against the real schema in memory; each call in a transaction of its own, as in the application. */
@DataJpaTest(properties = "spring.datasource.url=jdbc:h2:mem:store;DB_CLOSE_DELAY=-1")
@AutoConfigureTestDatabase(replace = AutoConfigureTestDatabase.Replace.NONE)
@Import({DesignStore.class, Inventory.class, Room.class, StockBook.class})
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class DesignStoreTest {

    private static final Design DESIGN = Samples.design("First");
    private static final Edit NAMED = Edit.of("the name");

    @Autowired
    private DesignStore store;

    @Autowired
    private Inventory inventory;

    @Autowired
    private JdbcTemplate jdbc;

    @MockitoBean
    private Clock clock;

    private StoredDesign kept;

    @BeforeEach
    void keep() {
        Mockito.when(clock.instant()).thenReturn(Instant.parse("2026-03-01T10:00:00Z"));
        kept = store.create(Samples.run(DESIGN));
    }

    private StoredDesign rename(StoredDesign seen, String name) {
        return store.save(
                kept.id(), seen.version(), seen.run().with(seen.design().withName(name)), NAMED);
    }

    @Test
    void historyGoesBackAndForthAndBranchesOnAChange() {
        StoredDesign second = rename(kept, "Second");
        StoredDesign third = rename(second, "Third");
        assertThat(third.undo()).contains("the name");
        StoredDesign back = store.undo(kept.id(), third.version(), NAMED);
        assertThat(back.design().name()).isEqualTo("Second");
        assertThat(back.redo()).contains("the name");
        assertThat(store.redo(kept.id(), back.version(), NAMED).design().name()).isEqualTo("Third");

        StoredDesign again = store.undo(kept.id(), store.get(kept.id()).version(), NAMED);
        StoredDesign branch = rename(again, "Other");
        assertThat(branch.redo()).isEmpty();
        assertThat(store.redo(kept.id(), branch.version(), NAMED).design().name())
                .isEqualTo("Other");
    }

    @Test
    void undoStopsAtTheStart() {
        assertThat(kept.undo()).isEmpty();
        assertThat(store.undo(kept.id(), kept.version(), NAMED).design()).isEqualTo(DESIGN);
    }

    @Test
    void aChangeFromAnOldVersionIsRefusedAndStoresNothing() {
        rename(kept, "Mine");
        assertThatThrownBy(() -> rename(kept, "Theirs")).isInstanceOf(StaleDesignException.class);
        assertThat(store.get(kept.id()).design().name()).isEqualTo("Mine");
    }

    /** Its answer was lost on the way, so the page sends it again: it is done once, also after others could have come. */
    @Test
    void whatIsSentTwiceIsDoneOnce() {
        Edit first = new Edit("the name", "edit-1", "");
        StoredDesign once = store.save(kept.id(), kept.version(), Samples.run(DESIGN.withName("Once")), first);
        assertThat(store.madeBy(kept.id(), first)).contains(once);
        assertThat(store.save(kept.id(), kept.version(), Samples.run(DESIGN.withName("Once")), first))
                .isEqualTo(once);
        Edit back = new Edit("", "edit-2", "");
        StoredDesign undone = store.undo(kept.id(), once.version(), back);
        assertThat(store.undo(kept.id(), once.version(), back)).isEqualTo(undone);
        assertThat(store.madeBy(kept.id(), first)).isEmpty();
    }

    @Test
    void oneGestureIsOneStepBack() {
        StoredDesign named = rename(kept, "Named");
        StoredDesign moved = named;
        for (int i = 1; i <= 5; i++) {
            Edit nudge = new Edit("moving", "nudge-" + i, "held-down");
            moved = store.save(kept.id(), moved.version(), Samples.run(DESIGN.withName("Moved " + i)), nudge);
        }
        assertThat(moved.design().name()).isEqualTo("Moved 5");
        assertThat(store.undo(kept.id(), moved.version(), NAMED).design().name())
                .isEqualTo("Named");
    }

    @Test
    void ofManyChangesToOneVersionOneIsKeptAndTheOthersAreStale() throws Exception {
        ExecutorService makers = Executors.newFixedThreadPool(20);
        CountDownLatch start = new CountDownLatch(1);
        List<Future<String>> answers = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            String name = "Maker " + i;
            answers.add(makers.submit(() -> {
                start.await();
                try {
                    return rename(kept, name).design().name();
                } catch (StaleDesignException stale) {
                    return stale.id();
                }
            }));
        }
        start.countDown();
        List<String> heard = new ArrayList<>();
        for (Future<String> answer : answers) {
            heard.add(answer.get());
        }
        makers.shutdown();
        assertThat(heard).filteredOn(each -> each.equals(kept.id())).hasSize(19);
        assertThat(heard).contains(store.get(kept.id()).design().name());
    }

    /** A document that cannot be read takes no other card with it, and can be stepped back from. */
    @Test
    void aDamagedStateIsToldAndSteppedBackFrom() {
        StoredDesign second = rename(kept, "Second");
        jdbc.update(
                "update design_revision set document = replace(document, '\"key\":\"folded\"', '\"key\":\"\"') where design_id = ? and number = 1",
                kept.id());
        assertThat(store.all()).extracting(StoredDesign::id).doesNotContain(kept.id());
        assertThat(store.shelf(Look.ALL, 1, 50).damaged())
                .extracting(DamagedDesign::name)
                .containsExactly("Second");
        assertThatThrownBy(() -> store.get(kept.id())).isInstanceOf(DamagedDesignException.class);
        assertThat(store.undo(kept.id(), second.version(), NAMED).design()).isEqualTo(DESIGN);
        assertThat(store.shelf(Look.ALL, 1, 50).damaged()).isEmpty();
    }

    @Test
    void whatCouldNotBeReadBackIsNotKept() {
        Settings nameless = new Settings(Map.of(), Map.of("short", ""), Map.of(), Map.of(), Map.of(), Cutter.ANY);
        assertThatThrownBy(() -> store.save(kept.id(), kept.version(), Samples.run(DESIGN.with(nameless)), NAMED))
                .isInstanceOf(UnkeepableDesignException.class);
        assertThat(store.get(kept.id())).isEqualTo(kept);
    }

    @Test
    void savingWhatIsThereIsNoChange() {
        assertThat(rename(kept, "First").version()).isEqualTo(kept.version());
        assertThat(store.get(kept.id()).undo()).isEmpty();
    }

    @Test
    void theShelfHasTheLastChangedFirstAndLeavesOutWhatWasRemoved() {
        Mockito.when(clock.instant()).thenReturn(Instant.parse("2026-03-02T10:00:00Z"));
        StoredDesign newer = store.create(Samples.run(DESIGN.withName("Newer")));
        assertThat(store.shelf(Look.ALL, 1, 2).designs())
                .extracting(StoredDesign::id)
                .startsWith(newer.id());
        store.remove(newer.id());
        assertThat(store.shelf(Look.ALL, 1, 50).designs())
                .extracting(StoredDesign::id)
                .contains(kept.id())
                .doesNotContain(newer.id());
        assertThatThrownBy(() -> store.get(newer.id())).isInstanceOf(NoSuchDesignException.class);
        store.restore(newer.id());
        assertThat(store.get(newer.id()).design().name()).isEqualTo("Newer");
    }

    /** By part of a name in any case, a percent sign being no more than a sign; by name or by change; on the shelf or off it. */
    @Test
    void aCardIsFoundAmongMany() {
        List<String> made = new ArrayList<>();
        for (String name : List.of("Zinc lamp", "Arc LAMP", "Half 50% lamp", "Bench")) {
            made.add(store.create(Samples.run(DESIGN.withName(name))).id());
        }
        assertThat(names(new Look("lamp", Order.NAME, false)))
                .containsExactly("Arc LAMP", "Half 50% lamp", "Zinc lamp");
        assertThat(names(new Look("50%", Order.NAME, false))).containsExactly("Half 50% lamp");
        assertThat(names(new Look("%", Order.NAME, false))).containsExactly("Half 50% lamp");
        store.remove(made.get(1));
        assertThat(names(new Look("lamp", Order.NAME, false))).containsExactly("Half 50% lamp", "Zinc lamp");
        assertThat(names(new Look("lamp", Order.NAME, true))).containsExactly("Arc LAMP");
        assertThat(store.hasAway()).isTrue();
        store.restore(made.get(1));
        assertThat(names(new Look("lamp", Order.NAME, true))).isEmpty();
    }

    private List<String> names(Look look) {
        return store.shelf(look, 1, 50).designs().stream()
                .map(each -> each.design().name())
                .toList();
    }

    /** Also when several were changed at the same moment, as on one that was restored from a backup. */
    @Test
    void everyDesignStandsOnOnePageOfTheShelf() {
        for (int i = 0; i < 6; i++) {
            store.create(Samples.run(DESIGN.withName("Card " + i)));
        }
        List<String> seen = new ArrayList<>();
        int page = 0;
        DesignStore.Shelf shelf;
        do {
            page++;
            shelf = store.shelf(Look.ALL, page, 3);
            shelf.designs().forEach(each -> seen.add(each.id()));
        } while (shelf.hasOlder());
        assertThat(seen)
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrderElementsOf(
                        store.all().stream().map(StoredDesign::id).toList())
                .hasSizeGreaterThan(6);
        assertThat(store.shelf(Look.ALL, page + 1, 3).designs()).isEmpty();
    }

    @Test
    void papersKnowTheirCards() {
        assertThat(inventory.cardsMadeOf(new PaperId("stock"))).contains("First");
        assertThat(inventory.cardsMadeOf(new PaperId("other"))).isEmpty();
    }
}
