package kwibbet.card;

import java.util.Map;

import kwibbet.paper.PaperId;

/**
 * A feature at its place on the card.
 *
 * @param id the id of its first piece
 * @param name what the maker calls it
 * @param feature what it is
 * @param host what it is done to
 * @param settings its parameters
 * @param papers the papers chosen, by the key of their slot
 */
public record Addition(
        PieceId id, String name, Feature feature, Host host, Settings settings, Map<String, PaperId> papers) {

    /** Copies the papers. */
    public Addition {
        papers = Map.copyOf(papers);
    }

    /** This addition under another name. */
    public Addition withName(String otherName) {
        return new Addition(id, otherName, feature, host, settings, papers);
    }

    /** This addition set otherwise. */
    public Addition with(Settings otherSettings) {
        return new Addition(id, name, feature, host, otherSettings, papers);
    }

    /** This addition somewhere else. */
    public Addition with(Host otherHost) {
        return new Addition(id, name, feature, otherHost, settings, papers);
    }

    /** This addition cut from other papers. */
    public Addition withPapers(Map<String, PaperId> otherPapers) {
        return new Addition(id, name, feature, host, settings, otherPapers);
    }

    /** This addition under another id. */
    public Addition withId(PieceId otherId) {
        return new Addition(otherId, name, feature, host, settings, papers);
    }
}
