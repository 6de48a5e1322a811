package kwibbet.paper;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The papers a maker has, in the order they are shown.
 *
 * @param papers each id once
 */
public record PaperShelf(List<Paper> papers) {

    /**
     * Copies the papers.
     *
     * @throws IllegalArgumentException when an id stands twice
     */
    public PaperShelf {
        papers = List.copyOf(papers);
        if (papers.stream().map(Paper::id).distinct().count() != papers.size()) {
            throw new IllegalArgumentException("a paper stands twice on the shelf");
        }
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
