package kwibbet.app.web;

/** Names of files that the browser saves. */
public final class FileNames {

    private static final String OTHERWISE = "card";

    private FileNames() {}

    /**
     * What a maker calls something, as the name of a file: letters, digits, blanks and hyphens, and so no path.
     *
     * @param title what it is called
     * @param ending of the file, with its point
     */
    public static String of(String title, String ending) {
        String name = title.replaceAll("[^\\p{L}\\p{N} -]", "").strip();
        return (name.isEmpty() ? OTHERWISE : name) + ending;
    }
}
