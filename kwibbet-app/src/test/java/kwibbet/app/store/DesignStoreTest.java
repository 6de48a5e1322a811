package kwibbet.app.store;

import java.time.Clock;
import java.time.Instant;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.Mockito;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.data.jpa.test.autoconfigure.DataJpaTest;
import org.springframework.boot.jdbc.test.autoconfigure.AutoConfigureTestDatabase;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import kwibbet.app.Samples;
import kwibbet.card.Design;
import kwibbet.paper.PaperId;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Against the real schema in memory; each call in a transaction of its own, as in the application. */
@DataJpaTest(properties = "spring.datasource.url=jdbc:h2:mem:store;DB_CLOSE_DELAY=-1")
@AutoConfigureTestDatabase(replace = AutoConfigureTestDatabase.Replace.NONE)
@Import({DesignStore.class, Inventory.class})
@Transactional(propagation = Propagation.NOT_SUPPORTED)
class DesignStoreTest {

    private static final Design DESIGN = Samples.design("First");

    @Autowired
    private DesignStore store;

    @Autowired
    private Inventory inventory;

    @MockitoBean
    private Clock clock;

    private StoredDesign kept;

    @BeforeEach
    void keep() {
        Mockito.when(clock.instant()).thenReturn(Instant.parse("2026-03-01T10:00:00Z"));
        kept = store.create(DESIGN);
    }

    private StoredDesign rename(StoredDesign seen, String name) {
        return store.save(kept.id(), seen.version(), seen.design().withName(name), "the name");
    }

    @Test
    void historyGoesBackAndForthAndBranchesOnAChange() {
        StoredDesign second = rename(kept, "Second");
        StoredDesign third = rename(second, "Third");
        assertThat(third.undo()).contains("the name");
        StoredDesign back = store.undo(kept.id(), third.version());
        assertThat(back.design().name()).isEqualTo("Second");
        assertThat(back.redo()).contains("the name");
        assertThat(store.redo(kept.id(), back.version()).design().name()).isEqualTo("Third");

        StoredDesign again = store.undo(kept.id(), store.get(kept.id()).version());
        StoredDesign branch = rename(again, "Other");
        assertThat(branch.redo()).isEmpty();
        assertThat(store.redo(kept.id(), branch.version()).design().name()).isEqualTo("Other");
    }

    @Test
    void undoStopsAtTheStart() {
        assertThat(kept.undo()).isEmpty();
        assertThat(store.undo(kept.id(), kept.version()).design()).isEqualTo(DESIGN);
    }

    @Test
    void aChangeFromAnOldVersionIsRefusedAndStoresNothing() {
        rename(kept, "Mine");
        assertThatThrownBy(() -> rename(kept, "Theirs")).isInstanceOf(StaleDesignException.class);
        assertThat(store.get(kept.id()).design().name()).isEqualTo("Mine");
    }

    @Test
    void savingWhatIsThereIsNoChange() {
        assertThat(rename(kept, "First").version()).isEqualTo(kept.version());
        assertThat(store.get(kept.id()).undo()).isEmpty();
    }

    @Test
    void theShelfHasTheLastChangedFirstAndLeavesOutWhatWasRemoved() {
        Mockito.when(clock.instant()).thenReturn(Instant.parse("2026-03-02T10:00:00Z"));
        StoredDesign newer = store.create(DESIGN.withName("Newer"));
        assertThat(store.recent(2)).extracting(StoredDesign::id).startsWith(newer.id());
        store.remove(newer.id());
        assertThat(store.recent(50))
                .extracting(StoredDesign::id)
                .contains(kept.id())
                .doesNotContain(newer.id());
        assertThatThrownBy(() -> store.get(newer.id())).isInstanceOf(NoSuchDesignException.class);
        store.restore(newer.id());
        assertThat(store.get(newer.id()).design().name()).isEqualTo("Newer");
    }

    @Test
    void papersKnowTheirCards() {
        assertThat(inventory.cardsMadeOf(new PaperId("stock"))).contains("First");
        assertThat(inventory.cardsMadeOf(new PaperId("other"))).isEmpty();
    }
}
