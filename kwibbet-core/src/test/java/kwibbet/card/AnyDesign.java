package kwibbet.card;

import java.util.List;
import java.util.Map;
import java.util.Random;

import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.card.feature.Features;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.outcome.Outcome;
import kwibbet.outline.OwnShape;
import kwibbet.outline.SampleShapes;
import kwibbet.shape.Size;

import static kwibbet.Inches.MATERIALS;
import static kwibbet.Inches.STOCK;

/** Designs by chance, the same for the same seed. */
public final class AnyDesign {

    /** Every fifth design has outlines of somebody's own where there is a choice of shapes. */
    private static final int OWN_EVERY = 5;

    private static final int OWN_AT = 4;
    private static final List<OwnShape> OWN = List.of(SampleShapes.jar(), SampleShapes.pennant(), SampleShapes.label());

    private AnyDesign() {}

    /** A design by chance: any base at any size, up to five features anywhere, every parameter anywhere in or about its range. */
    public static Design random(long seed) {
        Random random = new Random(seed);
        boolean takesOwn = Math.floorMod(seed, OWN_EVERY) == OWN_AT;
        Base base = Bases.ALL.get(random.nextInt(Bases.ALL.size()));
        MeasureSystem system = random.nextBoolean() ? MeasureSystem.INCH : MeasureSystem.METRIC;
        Size size =
                new Size(Length.ofInches(16 + random.nextInt(120), 16), Length.ofInches(16 + random.nextInt(120), 16));
        Settings settings = Starts.sized(base, size, system);
        Design design = Design.of(
                "Random",
                system,
                base,
                random.nextInt(3) == 0 ? wild(base, settings, random, takesOwn) : settings,
                STOCK);
        List<Face> faces = CardMaker.make(design, MATERIALS) instanceof Outcome.Made<Card> made
                ? made.value().faces()
                : List.of(Face.of(new PanelId("front"), Side.UNDER, "front"));
        int count = random.nextInt(6);
        for (int i = 0; i < count; i++) {
            Feature feature = Features.ALL.get(random.nextInt(Features.ALL.size()));
            Host host = !design.additions().isEmpty() && random.nextInt(3) == 0
                    ? new Host.OnPiece(design.additions()
                            .get(random.nextInt(design.additions().size()))
                            .id())
                    : new Host.OnFace(faces.get(random.nextInt(faces.size())).id());
            Addition addition = new Addition(
                    design.nextId(feature),
                    "Thing " + i,
                    feature,
                    host,
                    wild(feature, Settings.PRESET, random, takesOwn),
                    Map.of());
            Design more = design.plus(addition);
            // Mostly such designs as can be made go on; some stay as they are.
            design = CardMaker.make(more, MATERIALS).reasons().isEmpty() || random.nextInt(4) == 0 ? more : design;
        }
        return design;
    }

    private static Settings wild(Craft craft, Settings from, Random random, boolean takesOwn) {
        Settings settings = from;
        for (Parameter parameter : craft.parameters()) {
            if (parameter instanceof Parameter.OfLength length && random.nextBoolean()) {
                long sixteenths = random.nextInt(random.nextInt(8) == 0 ? 400 : 64) - 4L;
                settings = settings.with(length, Length.ofInches(sixteenths, 16));
            } else if (parameter instanceof Parameter.OfCount count && random.nextBoolean()) {
                settings = settings.with(count, count.least() - 1 + random.nextInt(count.most() - count.least() + 3));
            } else if (parameter instanceof Parameter.OfChoice choice) {
                List<Parameter.Choice> choices = choice.choices();
                int chosen = random.nextInt(choices.size());
                settings = takesOwn && choice.takesOutline()
                        ? settings.with(choice, OWN.get(chosen % OWN.size()))
                        : settings.with(choice, choices.get(chosen).key());
            }
        }
        return settings;
    }
}
