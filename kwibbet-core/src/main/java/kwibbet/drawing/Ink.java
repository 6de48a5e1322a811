package kwibbet.drawing;

import kwibbet.paper.Colour;

/** What a line or a text is drawn on, so that it stands out from it. */
public enum Ink {
    /** The page, light or dark. */
    ON_PAGE,
    /** A light paper, whatever the page. */
    ON_LIGHT,
    /** A dark paper, whatever the page. */
    ON_DARK;

    /** The ink for a paper of that colour. */
    public static Ink on(Colour colour) {
        return colour.isDark() ? ON_DARK : ON_LIGHT;
    }
}
