package kwibbet.app.inventory;

import java.util.Optional;

import kwibbet.measure.Figure;
import kwibbet.measure.MeasureSystem;
import kwibbet.shape.Size;

/**
 * The sides of something that may not be there, as they stand in their fields.
 *
 * @param width empty where it is not said
 * @param height empty where it is not said
 */
record SidesField(String width, String height) {

    static SidesField of(Optional<Size> size, MeasureSystem system) {
        return size.map(each -> new SidesField(Figure.entry(each.width(), system), Figure.entry(each.height(), system)))
                .orElse(new SidesField("", ""));
    }
}
