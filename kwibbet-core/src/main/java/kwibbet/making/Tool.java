package kwibbet.making;

/**
 * What is in hand while something is done.
 *
 * @param key tells it from others
 * @param words what it is called
 */
public record Tool(String key, String words) {

    /** A scoring board, and a ruler where that does not reach. */
    static final Tool BOARD = new Tool("board", "scoring board");

    static final Tool KNIFE = new Tool("knife", "knife and ruler");
    static final Tool PUNCH = new Tool("punch", "punch");
    static final Tool BONE_FOLDER = new Tool("bone-folder", "bone folder");
    static final Tool PENCIL = new Tool("pencil", "pencil");
    static final Tool ERASER = new Tool("eraser", "eraser");
    static final Tool GLUE = new Tool("glue", "glue");
    static final Tool POWDER = new Tool("powder", "powder");
    static final Tool FILLER = new Tool("filler", "filler");
    static final Tool NEEDLE = new Tool("needle", "blunt needle");
    static final Tool TWEEZERS = new Tool("tweezers", "tweezers");
    static final Tool BRADS = new Tool("brads", "brads");

    @Override
    public boolean equals(Object other) {
        return other instanceof Tool tool && key.equals(tool.key);
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }
}
