package kwibbet.making;

import kwibbet.card.Adhesion;
import kwibbet.press.HandCut;
import kwibbet.tool.EdgePunch;
import kwibbet.tool.Punch;

/**
 * What is in hand while something is done.
 *
 * @param key tells it from others
 * @param words what it is called
 */
public record Tool(String key, String words) {

    /** What it is one of: all punches are punches. */
    public String family() {
        return key.split(":", 2)[0];
    }

    /** What rounds corners. */
    static final Tool ROUNDER = new Tool("corner-rounder", "corner rounder");

    /** What straight cuts are made with. */
    static final Tool TRIMMER = new Tool("trimmer", "trimmer");

    /** What something takes, where an operation says nothing else. */
    static Tool usual(Does does) {
        return switch (does) {
            case SCORE -> new Tool("board", "scoring board");
            case PRESS -> new Tool("dies", "dies");
            case CUT_OUT, OPEN -> new Tool("knife", "knife and ruler");
            case MARK -> new Tool("pencil", "pencil");
            case ERASE -> new Tool("eraser", "eraser");
            case MASK, UNMASK -> new Tool("masking-tape", "low-tack tape");
            case STAMP, STENCIL, COLOUR -> new Tool("ink", "ink");
            case EMBOSS -> new Tool("folder", "embossing folder");
            case HEAT -> new Tool("heat", "heat tool");
            case DRY -> new Tool("nothing", "nothing");
            case LAY -> of(Adhesion.Kind.NONE);
            case SET_MAGNET, FOLD_BACK, CLOSE -> new Tool("glue", "glue");
            case FOLD, TRIAL_FOLD, TURN_BACK -> new Tool("bone-folder", "bone folder");
            case ADHESIVE, STICK, HANG, HOLD_END, TUCK, SEAL, WRAP -> of(Adhesion.Kind.TAPE);
            case DUST -> new Tool("powder", "powder");
            case FILL -> new Tool("filler", "filler");
            case THREAD -> new Tool("needle", "blunt needle");
            case KEEP -> new Tool("tweezers", "tweezers");
            case FASTEN -> new Tool("brads", "brads");
            case SET_ON -> new Tool("tweezers", "tweezers");
            case POUR -> new Tool("gloss", "gloss");
            case BIND -> new Tool("scissors", "scissors");
            case STAND_UP, OWN -> new Tool("hands", "your hands");
        };
    }

    /** A punch, told from others by what it cuts. */
    static Tool of(Punch punch) {
        return new Tool("punch:" + punch.shape().words() + punch.shape().size(), punch.words());
    }

    /** A punch for edges: that of the maker, or else any that cuts the pattern. */
    static Tool of(HandCut.EdgePunched cut) {
        return new Tool(
                "edge-punch:" + cut.run().pattern().key() + cut.run().pitch() + "/"
                        + cut.run().deep(),
                cut.punch().map(EdgePunch::words).orElse(cut.run().pattern().one() + " edge punch"));
    }

    /** What holds two pieces together. */
    static Tool of(Adhesion.Kind kind) {
        return new Tool("adhesive:" + kind.name(), kind.sticks() ? kind.words() : "your hands");
    }
}
