package kwibbet.card.base;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import kwibbet.card.Brief;
import kwibbet.card.Face;
import kwibbet.card.Form;
import kwibbet.card.PanelId;
import kwibbet.card.Parameter;
import kwibbet.card.Pose;
import kwibbet.card.Score;
import kwibbet.card.ScoreId;
import kwibbet.card.Side;
import kwibbet.card.base.Strip.Crease;
import kwibbet.card.base.Strip.Leaf;
import kwibbet.outcome.Outcome;
import kwibbet.shape.Size;

/**
 * Panels folded to and fro.
 *
 * <p>{@code n} panels of the shut card's width lie side by side; the crease before the last is a valley and they alternate from
 * there. The first panel is the front: an odd number of folds turns its under face to the reader, an even number its up face.
 */
public record ZigzagBase() implements ParallelFoldBase {

    /** How many panels. */
    public static final Parameter.OfCount PANELS =
            new Parameter.OfCount("panels", "Panels", "How many panels lie to and fro.", 3, 8, 4);

    @Override
    public String key() {
        return "zigzag";
    }

    @Override
    public String title() {
        return "Zigzag";
    }

    @Override
    public String sentence() {
        return "Panels folded to and fro, so that it stands like a screen.";
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(CardSides.WIDTH, CardSides.HEIGHT, CardSides.LIES, PANELS);
    }

    @Override
    public Outcome<Form> upright(Brief brief, Size finished) {
        int count = brief.count(PANELS);
        List<Leaf> leaves = new ArrayList<>();
        List<Crease> creases = new ArrayList<>();
        List<Face> faces = new ArrayList<>();
        Map<ScoreId, Integer> standing = new HashMap<>();
        for (int i = 1; i <= count; i++) {
            leaves.add(new Leaf(panel(i), finished.width()));
            faces.addAll(facesOf(i, count));
            if (i < count) {
                boolean valley = (count - i) % 2 == 1;
                ScoreId fold = new ScoreId("fold-" + i);
                creases.add(new Crease(fold, valley ? Score.Fold.VALLEY : Score.Fold.MOUNTAIN));
                standing.put(fold, 82);
            }
        }
        Strip strip = new Strip(leaves, creases, count - 1, finished.height());
        List<ScoreId> closing = creases.stream().map(Crease::id).toList();
        List<Pose> poses = strip.poses(standing, new Pose.View(0, 0, -40, 14));
        Form form = Form.of(finished, strip.piece(brief), strip.panels(), faces, poses, closing);
        return Outcome.made(form);
    }

    private static PanelId panel(int number) {
        return new PanelId("panel-" + number);
    }

    private static List<Face> facesOf(int number, int count) {
        Side towardsReader = (count - number) % 2 == 1 ? Side.UNDER : Side.UP;
        String name = number == 1 ? "front" : number == count ? "inside back" : "panel " + number;
        String reverse = number == 1 ? "inside front" : number == count ? "back" : "reverse of panel " + number;
        Face towards = number == count
                ? Face.inside(panel(number), towardsReader, name)
                : Face.of(panel(number), towardsReader, name);
        Side away = towardsReader.opposite();
        Face other = number == 1
                ? Face.inside(panel(number), away, reverse)
                : number == count ? Face.back(panel(number), away, reverse) : Face.of(panel(number), away, reverse);
        return List.of(towards, other);
    }
}
