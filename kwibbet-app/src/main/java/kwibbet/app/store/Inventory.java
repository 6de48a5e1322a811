package kwibbet.app.store;

import java.util.List;
import java.util.UUID;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import kwibbet.card.Design;
import kwibbet.card.Materials;
import kwibbet.paper.Paper;
import kwibbet.paper.PaperId;
import kwibbet.paper.PaperShelf;
import kwibbet.tool.Toolbox;

/** Keeps the papers and tools a maker has. */
@Service
@Transactional
public class Inventory {

    private final PaperRows papers;
    private final ToolboxRows toolboxes;
    private final DesignStore designs;

    Inventory(PaperRows papers, ToolboxRows toolboxes, DesignStore designs) {
        this.papers = papers;
        this.toolboxes = toolboxes;
        this.designs = designs;
    }

    /** All papers, in the order they were laid in. */
    @Transactional(readOnly = true)
    public PaperShelf shelf() {
        return new PaperShelf(
                papers.findAllByOrderByPlaceAsc().stream().map(PaperRow::paper).toList());
    }

    /** An id no paper has. */
    public PaperId newPaperId() {
        return new PaperId(UUID.randomUUID().toString());
    }

    /** Keeps a paper, new or changed. */
    public void save(Paper paper) {
        PaperRow row = papers.findById(paper.id().value())
                .orElseGet(() -> new PaperRow(paper.id().value(), nextPlace()));
        row.set(paper);
        papers.save(row);
    }

    private int nextPlace() {
        return papers.findTopByOrderByPlaceDesc().map(last -> last.place() + 1).orElse(0);
    }

    /** The names of the cards that are made of a paper. */
    @Transactional(readOnly = true)
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
        papers.deleteById(paper.value());
    }

    /** The tools at hand; generic ones until others were kept. */
    @Transactional(readOnly = true)
    public Toolbox toolbox() {
        return toolboxes.findById(ToolboxRow.ONLY).map(ToolboxRow::toolbox).orElse(Toolbox.GENERIC);
    }

    /** What cards are worked out from. */
    @Transactional(readOnly = true)
    public Materials materials() {
        return new Materials(shelf(), toolbox().trimmer().graduation());
    }

    /** Keeps the tools at hand. */
    public void save(Toolbox tools) {
        ToolboxRow row = toolboxes.findById(ToolboxRow.ONLY).orElseGet(ToolboxRow::empty);
        row.set(tools);
        toolboxes.save(row);
    }
}
