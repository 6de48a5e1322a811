package kwibbet.card;

import java.util.List;
import java.util.Optional;

import kwibbet.shape.Size;

/**
 * What a base comes to with its parameters set.
 *
 * @param flat the size of the flat base
 * @param finished the size of the shut card
 * @param scores its creases
 * @param panels its panels, each after the one it hangs on
 * @param faces the faces layers can be stuck to, the front first
 * @param poses how it is looked at, shut first
 */
public record Form(
        Size flat, Size finished, List<Score> scores, List<Panel> panels, List<Face> faces, List<Pose> poses) {

    /** Copies the lists. */
    public Form {
        scores = List.copyOf(scores);
        panels = List.copyOf(panels);
        faces = List.copyOf(faces);
        poses = List.copyOf(poses);
    }

    /** The panel of that key, if there is one. */
    public Optional<Panel> panel(String key) {
        return panels.stream().filter(panel -> panel.key().equals(key)).findFirst();
    }

    /** The score of that key, if there is one. */
    public Optional<Score> score(String key) {
        return scores.stream().filter(score -> score.key().equals(key)).findFirst();
    }

    /** The face of that key, if there is one. */
    public Optional<Face> face(String key) {
        return faces.stream().filter(face -> face.key().equals(key)).findFirst();
    }

    /** The pose of that key, or the first. */
    public Pose pose(String key) {
        return poses.stream().filter(pose -> pose.key().equals(key)).findFirst().orElse(poses.get(0));
    }
}
