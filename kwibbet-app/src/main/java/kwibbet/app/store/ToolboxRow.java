package kwibbet.app.store;

import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

import kwibbet.formats.outline.OutlineDocument;
import kwibbet.measure.Graduation;
import kwibbet.measure.Length;
import kwibbet.outline.EdgePattern;
import kwibbet.outline.OwnShape;
import kwibbet.shape.CutShape;
import kwibbet.shape.Look;
import kwibbet.shape.Size;
import kwibbet.tool.Die;
import kwibbet.tool.EdgePunch;
import kwibbet.tool.Grooves;
import kwibbet.tool.Hand;
import kwibbet.tool.HandTools;
import kwibbet.tool.Press;
import kwibbet.tool.Punch;
import kwibbet.tool.ScoringBoard;
import kwibbet.tool.Toolbox;
import kwibbet.tool.Trimmer;

/** The tools at hand but for the dies; lengths in ticks. There is one row at most. */
@Entity
@Table(name = "toolbox")
class ToolboxRow implements Persistable<Integer> {

    static final int ONLY = 1;

    /** Stands for the shape of a punch where that is an outline of the maker's own. */
    private static final String OWN = "OWN";

    @Id
    private int id = ONLY;

    private String trimmerName = "";
    private long longestCut;
    private long narrowestStrip;
    private long trimmerStep;
    private int sheetsAtOnce;
    private String boardName = "";
    private long boardWidth;
    private String grooves = "";
    private boolean plate;
    private boolean plateSquare;
    private long thickestStack;
    private long pressBed = Toolbox.GENERIC.press().bed().toTicks();
    private long pressPlate = Toolbox.GENERIC.press().plate().toTicks();
    private int pressLayers = Toolbox.GENERIC.press().layers();
    private String punches = "";
    /** The outlines of the maker's own that punches cut, a line each, in their order. */
    @Lob
    private String punchOutlines = "";

    private long folderWidth;
    private long folderHeight;
    private long platformWidth;
    private long platformHeight;
    private long printerWidth;
    private long printerHeight;
    private long stencilWidth;
    private long stencilHeight;
    private String edgePunches = "";
    private String rounders = "";
    private boolean noHeat;

    @Enumerated(EnumType.STRING)
    private Hand hand = Hand.RIGHT;

    @Enumerated(EnumType.STRING)
    private Trimmer.Slits slits = Trimmer.Slits.INSIDE;

    @Version
    private @Nullable Long version;

    protected ToolboxRow() {}

    static ToolboxRow empty() {
        return new ToolboxRow();
    }

    void set(Toolbox tools) {
        trimmerName = tools.trimmer().name();
        longestCut = tools.trimmer().longestCut().toTicks();
        narrowestStrip = tools.trimmer().reach().narrowest().toTicks();
        trimmerStep = tools.trimmer().graduation().step().toTicks();
        sheetsAtOnce = tools.trimmer().stack().sheets();
        boardName = tools.board().name();
        boardWidth = tools.board().width().toTicks();
        grooves = written(tools.board().grooves());
        plate = tools.board().plate() != ScoringBoard.Plate.NONE;
        plateSquare = tools.board().plate() == ScoringBoard.Plate.SQUARE;
        thickestStack = tools.trimmer().stack().thickest().toTicks();
        slits = tools.trimmer().slits();
        pressBed = tools.press().bed().toTicks();
        pressPlate = tools.press().plate().toTicks();
        pressLayers = tools.press().layers();
        hand = tools.hand();
        punches = tools.handTools().punches().stream().map(ToolboxRow::written).collect(Collectors.joining(" "));
        punchOutlines = tools.handTools().punches().stream()
                .map(punch -> punch.shape().look())
                .filter(OwnShape.class::isInstance)
                .map(look -> OutlineDocument.write((OwnShape) look))
                .collect(Collectors.joining("\n"));
        folderWidth =
                tools.handTools().folder().map(Size::width).orElse(Length.ZERO).toTicks();
        folderHeight =
                tools.handTools().folder().map(Size::height).orElse(Length.ZERO).toTicks();
        platformWidth = tools.handTools()
                .platform()
                .map(Size::width)
                .orElse(Length.ZERO)
                .toTicks();
        platformHeight = tools.handTools()
                .platform()
                .map(Size::height)
                .orElse(Length.ZERO)
                .toTicks();
        printerWidth =
                tools.handTools().printer().map(Size::width).orElse(Length.ZERO).toTicks();
        printerHeight = tools.handTools()
                .printer()
                .map(Size::height)
                .orElse(Length.ZERO)
                .toTicks();
        stencilWidth =
                tools.handTools().stencil().map(Size::width).orElse(Length.ZERO).toTicks();
        stencilHeight = tools.handTools()
                .stencil()
                .map(Size::height)
                .orElse(Length.ZERO)
                .toTicks();
        edgePunches = tools.handTools().edgePunches().stream()
                .map(ToolboxRow::written)
                .collect(Collectors.joining(" "));
        rounders = tools.handTools().rounders().stream()
                .map(radius -> String.valueOf(radius.toTicks()))
                .collect(Collectors.joining(" "));
        noHeat = !tools.handTools().canHeat();
    }

    Toolbox toolbox(List<Die> dies) {
        Trimmer trimmer = new Trimmer(
                trimmerName,
                new Trimmer.Reach(Length.ofTicks(longestCut), Length.ofTicks(narrowestStrip)),
                graduation(trimmerStep),
                new Trimmer.Stack(sheetsAtOnce, Length.ofTicks(thickestStack)),
                slits);
        ScoringBoard board = new ScoringBoard(boardName, Length.ofTicks(boardWidth), read(grooves), plate());
        Press press = new Press(Length.ofTicks(pressBed), Length.ofTicks(pressPlate), pressLayers);
        HandTools handTools = new HandTools(
                punches(),
                Stream.of(edgePunches.split(" ", -1))
                        .filter(each -> !each.isEmpty())
                        .map(ToolboxRow::edgePunch)
                        .toList(),
                Stream.of(rounders.split(" ", -1))
                        .filter(each -> !each.isEmpty())
                        .map(ticks -> Length.ofTicks(Long.parseLong(ticks)))
                        .toList(),
                size(folderWidth, folderHeight),
                size(stencilWidth, stencilHeight),
                size(platformWidth, platformHeight),
                size(printerWidth, printerHeight),
                !noHeat);
        return new Toolbox(trimmer, board, press, dies, hand, handTools);
    }

    /** A size that was said; one of no width was not. */
    private static Optional<Size> size(long width, long height) {
        return width > 0 && height > 0
                ? Optional.of(new Size(Length.ofTicks(width), Length.ofTicks(height)))
                : Optional.empty();
    }

    /** A punch as {@code KIND/width/height/reach}. */
    private static String written(Punch punch) {
        return String.join(
                "/",
                punch.shape().look() instanceof CutShape.Kind kind ? kind.name() : OWN,
                parts(punch.shape().size().width()),
                parts(punch.shape().size().height()),
                parts(punch.reach()));
    }

    /** A punch for edges as {@code PATTERN/pitch/deep/atOnce}. */
    private static String written(EdgePunch punch) {
        return String.join(
                "/", punch.pattern().name(), parts(punch.pitch()), parts(punch.deep()), String.valueOf(punch.atOnce()));
    }

    private static EdgePunch edgePunch(String written) {
        String[] parts = written.split("/", -1);
        return new EdgePunch(
                EdgePattern.valueOf(parts[0]), length(parts[1]), length(parts[2]), Integer.parseInt(parts[3]));
    }

    private List<Punch> punches() {
        Iterator<String> outlines = punchOutlines.lines().iterator();
        List<Punch> all = new ArrayList<>();
        for (String written : punches.split(" ", -1)) {
            if (!written.isEmpty()) {
                String[] parts = written.split("/", -1);
                Look look = parts[0].equals(OWN)
                        ? OutlineDocument.read(outlines.next()).orThrow()
                        : CutShape.Kind.valueOf(parts[0]);
                Size size = new Size(length(parts[1]), length(parts[2]));
                all.add(new Punch(new CutShape(look, size), length(parts[3])));
            }
        }
        return all;
    }

    private ScoringBoard.Plate plate() {
        if (!plate) {
            return ScoringBoard.Plate.NONE;
        }
        return plateSquare ? ScoringBoard.Plate.SQUARE : ScoringBoard.Plate.AT_45;
    }

    /** Series as {@code step/from/to}, single grooves as they are, parted by blanks; each as so many parts of an inch, {@code 121920:975360}. */
    private static String written(Grooves grooves) {
        return Stream.concat(
                        grooves.series().stream()
                                .map(each -> parts(each.step()) + "/" + parts(each.from()) + "/" + parts(each.to())),
                        grooves.singles().stream().map(ToolboxRow::parts))
                .collect(Collectors.joining(" "));
    }

    private static String parts(Length length) {
        return length.toTicks() + ":" + Length.TICKS_PER_INCH;
    }

    private static Length length(String parts) {
        String[] both = parts.split(":", -1);
        return Length.ofInches(Long.parseLong(both[0]), Long.parseLong(both[1]));
    }

    private static Grooves read(String written) {
        List<Grooves.Series> series = new ArrayList<>();
        List<Length> singles = new ArrayList<>();
        for (String each : written.split(" ", -1)) {
            List<Length> figures =
                    Stream.of(each.split("/", -1)).map(ToolboxRow::length).toList();
            if (figures.size() == 3) {
                series.add(new Grooves.Series(figures.get(0), figures.get(1), figures.get(2)));
            } else {
                singles.addAll(figures);
            }
        }
        return new Grooves(series, singles);
    }

    private static Graduation graduation(long step) {
        return new Graduation(Length.ofTicks(step));
    }

    @Override
    public Integer getId() {
        return id;
    }

    long version() {
        return version == null ? -1 : version;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }
}
