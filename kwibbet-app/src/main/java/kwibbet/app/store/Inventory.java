package kwibbet.app.store;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;

import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

import kwibbet.card.Design;
import kwibbet.card.Materials;
import kwibbet.outline.OwnShape;
import kwibbet.paper.Offcut;
import kwibbet.paper.OffcutId;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.stock.Booking;
import kwibbet.stock.Movement;
import kwibbet.stock.Reason;
import kwibbet.stock.StockItem;
import kwibbet.stock.StockLevels;
import kwibbet.tool.Die;
import kwibbet.tool.DieId;
import kwibbet.tool.Hand;
import kwibbet.tool.Toolbox;

/** Keeps the papers and tools a maker has. Every edit asks for all of them, so they are read once and again after a change. */
@Service
public class Inventory {

    private final PaperRows papers;
    private final ToolboxRows toolboxes;
    private final DieRows dies;
    private final OutlineRows outlines;
    private final OffcutRows offcuts;
    private final StockBook book;
    private final StudioRows studios;
    private final DesignStore designs;
    private final TransactionTemplate transactions;
    private final Room room;
    private Optional<AtHand> atHand = Optional.empty();

    Inventory(
            PaperRows papers,
            ToolboxRows toolboxes,
            DieRows dies,
            OutlineRows outlines,
            OffcutRows offcuts,
            StockBook book,
            StudioRows studios,
            DesignStore designs,
            TransactionTemplate transactions,
            Room room) {
        this.papers = papers;
        this.toolboxes = toolboxes;
        this.dies = dies;
        this.outlines = outlines;
        this.offcuts = offcuts;
        this.book = book;
        this.studios = studios;
        this.designs = designs;
        this.transactions = transactions;
        this.room = room;
    }

    private record AtHand(PaperShelf shelf, Toolbox tools, Optional<Studio> studio, List<KeptOutline> outlines) {}

    private synchronized AtHand atHand() {
        AtHand known = atHand.orElseGet(this::read);
        atHand = Optional.of(known);
        return known;
    }

    private AtHand read() {
        StockLevels levels = book.levels();
        List<Paper> shelf = papers.findAllByOrderByPlaceAsc().stream()
                .map(row -> row.paper(Math.toIntExact(levels.of(new StockItem.Sheets(new PaperId(row.getId()))))))
                .toList();
        List<Die> laidIn =
                dies.findAllByOrderByPlaceAsc().stream().map(DieRow::die).toList();
        Optional<Studio> studio = studios.findById(StudioRow.ONLY).map(StudioRow::studio);
        Toolbox tools = toolboxes
                .findById(ToolboxRow.ONLY)
                .map(row -> row.toolbox(laidIn))
                .orElseGet(() ->
                        Toolbox.generic(studio.orElse(Studio.UNCHOSEN).system()).withDies(laidIn));
        List<Offcut> drawer = offcuts.findAllByOrderByPaperAscWidthDescHeightDesc().stream()
                .flatMap(row -> row.offcut(levels).stream())
                .toList();
        List<KeptOutline> drawn = outlines.findAllByOrderByPlaceAsc().stream()
                .map(OutlineRow::outline)
                .toList();
        return new AtHand(new PaperShelf(shelf, drawer), tools, studio, drawn);
    }

    /** Nobody reads while a change is on its way, so what was there before cannot be taken for what is. */
    private synchronized void change(Runnable change) {
        atHand = Optional.empty();
        try {
            room.forWriting(() -> {
                transactions.executeWithoutResult(status -> change.run());
                return true;
            });
        } catch (ConcurrencyFailureException clash) {
            throw new StaleItemException();
        }
    }

    /**
     * Replaces what is kept, by others than this class: what was read before is forgotten.
     *
     * @param work done in one transaction, of which nothing stays where it fails
     */
    public <T> T replaced(Supplier<T> work) {
        synchronized (this) {
            atHand = Optional.empty();
            try {
                return room.forWriting(() -> Objects.requireNonNull(transactions.execute(status -> work.get())));
            } finally {
                atHand = Optional.empty();
            }
        }
    }

    /** Reads all that is kept here, as it is now. */
    public void readAfresh() {
        read();
    }

    /** All papers, in the order they were laid in. */
    public PaperShelf shelf() {
        return atHand().shelf();
    }

    /** An id no paper has. */
    public PaperId newPaperId() {
        return new PaperId(UUID.randomUUID().toString());
    }

    /** Keeps a paper, new or changed. */
    public void save(Paper paper) {
        savePapers(List.of(paper));
    }

    /** Keeps papers, new or changed: all of them or none. */
    public void savePapers(List<Paper> all) {
        change(() -> all.forEach(this::keep));
    }

    /**
     * Keeps a changed paper. Sheets that came or went while it was changed have come and gone, unless it was counted.
     *
     * @param seen the version it was changed from
     * @param onHandSeen how many sheets there were then
     * @throws StaleItemException when that is no longer the present version; nothing is stored
     */
    public void save(Paper paper, long seen, int onHandSeen) {
        change(() -> {
            check(papers.findById(paper.id().value()).map(KeptRow::version), seen);
            boolean isCounted = paper.onHand() != onHandSeen;
            long onHand = book.levels().of(new StockItem.Sheets(paper.id()));
            keep(isCounted ? paper : paper.withOnHand(Math.toIntExact(onHand)));
        });
    }

    private void keep(Paper paper) {
        PaperRow row = papers.findById(paper.id().value())
                .orElseGet(() -> new PaperRow(paper.id().value(), nextPlace()));
        boolean isNew = row.isNew();
        row.set(paper);
        papers.saveAndFlush(row);
        StockItem sheets = new StockItem.Sheets(paper.id());
        long more = paper.onHand() - book.levels().of(sheets);
        if (more != 0) {
            Reason reason = isNew ? Reason.BOUGHT : Reason.COUNTED;
            book.add(Booking.of(Stockroom.newKey(), isNew ? "laid in" : "counted", sheets, more, reason));
        }
    }

    private int nextPlace() {
        return papers.findTopByOrderByPlaceDesc().map(last -> last.place() + 1).orElse(0);
    }

    private static void check(Optional<Long> present, long seen) {
        if (present.filter(version -> version == seen).isEmpty()) {
            throw new StaleItemException();
        }
    }

    /** The version of a paper; −1 where there is none. */
    public long versionOf(PaperId paper) {
        return papers.findById(paper.value()).map(KeptRow::version).orElse(-1L);
    }

    /** The version of a die; −1 where there is none. */
    public long versionOf(DieId die) {
        return dies.findById(die.value()).map(KeptRow::version).orElse(-1L);
    }

    /** The version of the tools; −1 where none were kept yet. */
    public long versionOfTools() {
        return toolboxes.findById(ToolboxRow.ONLY).map(ToolboxRow::version).orElse(-1L);
    }

    /** The names of the cards that are made of a paper. */
    public List<String> cardsMadeOf(PaperId paper) {
        return designs.all().stream()
                .map(StoredDesign::design)
                .filter(design -> design.papers().containsValue(paper)
                        || design.additions().stream()
                                .anyMatch(addition -> addition.papers().containsValue(paper)))
                .map(Design::name)
                .toList();
    }

    /** Takes a paper off the shelf. */
    public void remove(PaperId paper) {
        change(() -> {
            List<Movement> gone = new ArrayList<>();
            book.levels().levels().forEach((item, count) -> {
                if (item instanceof StockItem.OfPaper ofPaper && ofPaper.paper().equals(paper) && count != 0) {
                    gone.add(new Movement(item, -count, Reason.TAKEN_OUT));
                }
            });
            book.add(new Booking(Stockroom.newKey(), "taken off the shelf for good", Optional.empty(), gone));
            offcuts.deleteByPaper(paper.value());
            papers.deleteById(paper.value());
        });
    }

    /** The tools at hand; generic ones until others were kept. */
    public Toolbox toolbox() {
        return atHand().tools();
    }

    /** What holds for the whole studio; nothing until the maker chose. */
    public Optional<Studio> chosenStudio() {
        return atHand().studio();
    }

    /** What holds for the whole studio. */
    public Studio studio() {
        return chosenStudio().orElse(Studio.UNCHOSEN);
    }

    /** Keeps what holds for the whole studio, and the hand of the maker, which the tools are used with. */
    public void save(Studio studio, Hand hand) {
        boolean isOther = toolbox().hand() != hand;
        Toolbox tools = toolbox().withHand(hand);
        change(() -> {
            StudioRow row = studios.findById(StudioRow.ONLY).orElseGet(StudioRow::empty);
            row.set(studio);
            studios.save(row);
            if (isOther) {
                keep(tools);
            }
        });
    }

    /** What cards are worked out from. */
    public Materials materials() {
        return new Materials(shelf(), toolbox().trimmer().graduation());
    }

    /** Each size of leftovers that a booking moves has a name from then on. */
    void makeRoomFor(Booking booking) {
        for (Movement each : booking.movements()) {
            if (each.item() instanceof StockItem.Leftovers left) {
                Optional<OffcutRow> same = offcuts.findByPaperAndWidthAndHeight(
                        left.paper().value(),
                        left.size().width().toTicks(),
                        left.size().height().toTicks());
                if (same.isEmpty()) {
                    offcuts.saveAndFlush(new OffcutRow(newOffcutId(), left));
                }
            }
        }
    }

    /** An id no leftovers have. */
    public OffcutId newOffcutId() {
        return new OffcutId(UUID.randomUUID().toString());
    }

    /** An id no die has. */
    public DieId newDieId() {
        return new DieId(UUID.randomUUID().toString());
    }

    /** Keeps a die, new or changed. */
    public void save(Die die) {
        saveDies(List.of(die));
    }

    /** Keeps dies, new or changed: all of them or none. */
    public void saveDies(List<Die> all) {
        change(() -> all.forEach(this::keep));
    }

    /**
     * Keeps dies of which the first was changed and the others are new.
     *
     * @param seen the version the first was changed from
     * @throws StaleItemException when that is no longer the present one; nothing is stored
     */
    public void saveDies(List<Die> all, long seen) {
        change(() -> {
            check(dies.findById(all.get(0).id().value()).map(KeptRow::version), seen);
            all.forEach(this::keep);
        });
    }

    private void keep(Die die) {
        DieRow row = dies.findById(die.id().value())
                .orElseGet(() -> new DieRow(
                        die.id().value(),
                        dies.findTopByOrderByPlaceDesc()
                                .map(last -> last.place() + 1)
                                .orElse(0)));
        row.set(die);
        dies.saveAndFlush(row);
    }

    /** Takes a die out of the inventory. */
    public void remove(DieId die) {
        change(() -> dies.deleteById(die.value()));
    }

    /** The outlines of the maker's own. */
    public List<KeptOutline> outlines() {
        return atHand().outlines();
    }

    /** The outline of that id, if it is there. */
    public Optional<KeptOutline> outline(String id) {
        return outlines().stream().filter(outline -> outline.id().equals(id)).findFirst();
    }

    /** The version of an outline; −1 where there is none. */
    public long versionOfOutline(String id) {
        return outlines.findById(id).map(KeptRow::version).orElse(-1L);
    }

    /**
     * Keeps an outline that is new.
     *
     * @param shape the outline
     * @param told what a maker should know of how it was read
     * @return its id
     */
    public String addOutline(OwnShape shape, String told) {
        KeptOutline added = new KeptOutline(UUID.randomUUID().toString(), shape, told);
        change(() -> {
            OutlineRow row = new OutlineRow(
                    added.id(),
                    outlines.findTopByOrderByPlaceDesc()
                            .map(last -> last.place() + 1)
                            .orElse(0));
            row.set(added);
            outlines.saveAndFlush(row);
        });
        return added.id();
    }

    /**
     * Keeps an outline that was changed.
     *
     * @param seen the version it was changed from
     * @throws StaleItemException when that is no longer the present one; nothing is stored
     */
    public void save(KeptOutline outline, long seen) {
        change(() -> {
            Optional<OutlineRow> row = outlines.findById(outline.id());
            check(row.map(KeptRow::version), seen);
            row.ifPresent(each -> {
                each.set(outline);
                outlines.saveAndFlush(each);
            });
        });
    }

    /** Takes an outline out; cards and dies that have it keep it. */
    public void removeOutline(String id) {
        change(() -> outlines.deleteById(id));
    }

    /** Keeps the tools at hand; dies are kept one by one. */
    public void save(Toolbox tools) {
        change(() -> keep(tools));
    }

    /**
     * Keeps changed tools.
     *
     * @param seen the version they were changed from; −1 where none were kept yet
     * @throws StaleItemException when that is no longer the present one; nothing is stored
     */
    public void save(Toolbox tools, long seen) {
        change(() -> {
            check(Optional.of(versionOfTools()), seen);
            keep(tools);
        });
    }

    private void keep(Toolbox tools) {
        ToolboxRow row = toolboxes.findById(ToolboxRow.ONLY).orElseGet(ToolboxRow::empty);
        row.set(tools);
        toolboxes.save(row);
    }
}
