package kwibbet.app.demo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import kwibbet.card.Addition;
import kwibbet.card.Base;
import kwibbet.card.Craft;
import kwibbet.card.Design;
import kwibbet.card.Feature;
import kwibbet.card.Host;
import kwibbet.card.PaperSlot;
import kwibbet.card.Parameter;
import kwibbet.card.PieceId;
import kwibbet.card.Run;
import kwibbet.card.Settings;
import kwibbet.card.base.Bases;
import kwibbet.card.base.Starts;
import kwibbet.card.feature.Features;
import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.paper.PaperId;
import kwibbet.shape.Size;

/** Writes a design down line by line, in the words a maker would type. */
final class Draft {

    private Design design;
    private Settings base;
    private final List<Addition> additions = new ArrayList<>();

    private Draft(Design design) {
        this.design = design;
        this.base = design.settings();
    }

    static Draft of(String name, String base, String width, String height, String paper) {
        return of(name, MeasureSystem.INCH, base, width, height, paper);
    }

    /** A base at a size; an empty width keeps the base's own. */
    static Draft of(String name, MeasureSystem system, String base, String width, String height, String paper) {
        Base found = Bases.find(base).orElseThrow();
        Settings settings = width.isEmpty()
                ? Settings.PRESET
                : Starts.sized(found, new Size(length(width), length(height)), system);
        return new Draft(Design.of(name, system, found, settings, new PaperId(paper)));
    }

    private static Length length(String text) {
        return Length.parse(text, MeasureSystem.INCH);
    }

    Draft make(int cards, int spares) {
        design = design.withRun(new Run(cards, spares));
        return this;
    }

    Draft set(String key, String value) {
        base = set(design.base(), base, key, value);
        return this;
    }

    /** Cuts another slot of the base from a paper of its own. */
    Draft paper(String slot, String paper) {
        Map<String, PaperId> papers = new HashMap<>(design.papers());
        papers.put(slot, new PaperId(paper));
        design = design.withPapers(papers, design.foldAlongGrain());
        return this;
    }

    Draft count(String key, int value) {
        return set(key, String.valueOf(value));
    }

    private static Settings set(Craft craft, Settings settings, String key, String value) {
        Parameter parameter = craft.parameters().stream()
                .filter(each -> each.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(craft.key() + " has no " + key));
        if (parameter instanceof Parameter.OfLength length) {
            return settings.with(length, length(value));
        }
        if (parameter instanceof Parameter.OfCount count) {
            return settings.with(count, Integer.parseInt(value));
        }
        return settings.with((Parameter.OfChoice) parameter, value);
    }

    Draft mat(String name, String on, String paper, String fit, String length) {
        return add("mat", name, on, paper).with("fit", fit, fit, length);
    }

    Draft add(String feature, String name, String on, String paper) {
        Feature found = Features.find(feature).orElseThrow();
        long number = additions.stream()
                        .filter(addition -> addition.feature().equals(found))
                        .count()
                + 1;
        boolean onFace = on.endsWith("-outside") || on.endsWith("-inside");
        Host host = onFace ? new Host.OnFace(on) : new Host.OnPiece(new PieceId(on));
        Map<String, PaperId> papers = paper.isEmpty() ? Map.of() : Map.of(PaperSlot.PAPER.key(), new PaperId(paper));
        additions.add(new Addition(new PieceId(feature + "-" + number), name, found, host, Settings.PRESET, papers));
        return this;
    }

    /** Sets parameters of the last addition, by pairs of key and value. */
    Draft with(String... pairs) {
        Addition last = additions.remove(additions.size() - 1);
        Settings settings = last.settings();
        for (int i = 0; i < pairs.length; i += 2) {
            settings = set(last.feature(), settings, pairs[i], pairs[i + 1]);
        }
        additions.add(last.with(settings));
        return this;
    }

    Design design() {
        return design.with(base).withAdditions(additions);
    }
}
