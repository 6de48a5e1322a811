package kwibbet.app;

import kwibbet.card.Design;
import kwibbet.card.Run;
import kwibbet.card.Settings;
import kwibbet.card.base.FoldedBase;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;

/** The plain card of the tests: 5 × 7, folded at the side, no layers, three of them. */
public final class Samples {

    private Samples() {}

    public static Design design(String name) {
        return Design.of(name, MeasureSystem.INCH, new FoldedBase(), Settings.PRESET, new PaperId("stock"))
                .withRun(new Run(3, 0));
    }
}
