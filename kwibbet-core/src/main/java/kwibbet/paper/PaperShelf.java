package kwibbet.paper;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The papers a maker has, in the order they are shown, and the drawer of leftovers.
 *
 * @param papers each id once
 * @param drawer leftovers of papers of the shelf
 */
public record PaperShelf(List<Paper> papers, List<Offcut> drawer) {

    /**
     * Copies the papers.
     *
     * @throws IllegalArgumentException when an id stands twice
     */
    public PaperShelf {
        papers = List.copyOf(papers);
        drawer = List.copyOf(drawer);
        if (papers.stream().map(Paper::id).distinct().count() != papers.size()) {
            throw new IllegalArgumentException("a paper stands twice on the shelf");
        }
    }

    /** Papers without leftovers. */
    public PaperShelf(List<Paper> papers) {
        this(papers, List.of());
    }

    /** The leftovers of a paper, whatever size of sheet they are of. */
    public List<Offcut> leftoversOf(Paper paper) {
        return drawer.stream()
                .filter(offcut -> find(offcut.paper())
                        .filter(own -> own.family().equals(paper.family()))
                        .isPresent())
                .toList();
    }

    /** The paper of that id, if it is on the shelf. */
    public Optional<Paper> find(PaperId id) {
        return papers.stream().filter(paper -> paper.id().equals(id)).findFirst();
    }

    /** A paper with the other sizes of the same, itself first. */
    public List<Paper> sizesOf(Paper paper) {
        PaperId family = paper.family();
        return Stream.concat(
                        Stream.of(paper),
                        papers.stream().filter(other -> other.family().equals(family) && !other.equals(paper)))
                .toList();
    }
}
