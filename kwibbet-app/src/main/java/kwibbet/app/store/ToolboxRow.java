package kwibbet.app.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.tool.ScoringBoard;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;

/** The tools at hand; lengths in ticks. There is one row at most. */
@Entity
@Table(name = "toolbox")
class ToolboxRow implements Persistable<Integer> {

    static final int ONLY = 1;

    @Id
    private int id = ONLY;

    private String trimmerName = "";
    private long longestCut;
    private long trimmerStep;
    private int sheetsAtOnce;
    private String boardName = "";
    private long boardWidth;
    private long boardStep;

    @Version
    private @Nullable Long version;

    protected ToolboxRow() {}

    static ToolboxRow empty() {
        return new ToolboxRow();
    }

    void set(Toolbox tools) {
        trimmerName = tools.trimmer().name();
        longestCut = tools.trimmer().longestCut().toTicks();
        trimmerStep = tools.trimmer().graduation().step().toTicks();
        sheetsAtOnce = tools.trimmer().sheetsAtOnce();
        boardName = tools.board().name();
        boardWidth = tools.board().width().toTicks();
        boardStep = tools.board().grooves().step().toTicks();
    }

    Toolbox toolbox() {
        return new Toolbox(
                new Trimmer(trimmerName, Length.ofTicks(longestCut), graduation(trimmerStep), sheetsAtOnce),
                new ScoringBoard(boardName, Length.ofTicks(boardWidth), graduation(boardStep)));
    }

    private static Graduation graduation(long step) {
        return new Graduation(Length.ofTicks(step));
    }

    @Override
    public Integer getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }
}
