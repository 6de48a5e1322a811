package kwibbet.app.web;

import java.util.List;

/** What stands in the header: five words, and what is within each of them. */
public final class Headings {

    /** The only one. */
    static final Headings ONLY = new Headings();

    private Headings() {}

    /**
     * A page that is gone to from the header.
     *
     * @param key what the page says it is
     * @param title its word
     * @param href where it is
     */
    public record Page(String key, String title, String href) {}

    /**
     * A word in the header.
     *
     * @param title the word
     * @param pages what is within it, at least one
     */
    public record Group(String title, List<Page> pages) {
        /** Where the word leads: to the first of its pages. */
        public String href() {
            return pages.get(0).href();
        }

        /** Whether a page is within it. */
        public boolean has(String key) {
            return pages.stream().anyMatch(page -> page.key().equals(key));
        }
    }

    private static final List<Group> GROUPS = List.of(
            new Group("Cards", List.of(new Page("cards", "Cards", "/"))),
            new Group(
                    "Classes",
                    List.of(new Page("classes", "Classes and kits", "/classes"), new Page("runs", "Runs", "/runs"))),
            new Group(
                    "Supplies",
                    List.of(
                            new Page("inventory", "Paper", "/inventory"),
                            new Page("goods", "Tape and findings", "/inventory/goods"),
                            new Page("offcuts", "Offcuts", "/offcuts"),
                            new Page("prices", "What they cost", "/inventory/prices"),
                            new Page("mail", "Envelopes and postage", "/inventory/mail"))),
            new Group(
                    "Tools",
                    List.of(
                            new Page("tools", "Trimmer, board and press", "/inventory/tools"),
                            new Page("dies", "Dies", "/inventory/dies"),
                            new Page("outlines", "Outlines", "/inventory/outlines"),
                            new Page("pictures", "Pictures", "/inventory/pictures"))),
            new Group(
                    "Try out",
                    List.of(
                            new Page("count", "How many from a sheet", "/count"),
                            new Page("patterns", "Crease files", "/patterns"))));

    /** The words, in their order. */
    public List<Group> groups() {
        return GROUPS;
    }

    /** The pages beside a page, itself with them; none where it is alone, or gone to otherwise. */
    public List<Page> beside(String key) {
        return GROUPS.stream()
                .filter(group -> group.has(key) && group.pages().size() > 1)
                .flatMap(group -> group.pages().stream())
                .toList();
    }
}
