package kwibbet.app.web;

/**
 * Where one is among numbered steps, each with an address.
 *
 * @param address of the page, without a query
 * @param first the number of the first step
 * @param at the number of the step that is shown
 * @param last the number of the last step
 * @param more what the query carries along, with an ampersand before each
 */
public record Walk(String address, int first, int at, int last, String more) {

    /** The address of a step. */
    public String to(int step) {
        return address + "?at=" + Math.max(first, Math.min(step, last)) + more;
    }

    /** The address of the step before; its own at the first. */
    public String back() {
        return to(at - 1);
    }

    /** The address of the step after; its own at the last. */
    public String on() {
        return to(at + 1);
    }

    /** The address of the last step. */
    public String end() {
        return to(last);
    }

    /** Whether there is no step before. */
    public boolean isAtFirst() {
        return at == first;
    }

    /** Whether there is no step after. */
    public boolean isAtLast() {
        return at == last;
    }
}
