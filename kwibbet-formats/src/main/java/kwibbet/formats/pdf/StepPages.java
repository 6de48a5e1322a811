package kwibbet.formats.pdf;

import java.awt.Color;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

import kwibbet.bench.RunPlan;
import kwibbet.card.Card;
import kwibbet.crease.FoldSequence;
import kwibbet.crease.FoldStep;
import kwibbet.drawing.Drawing;
import kwibbet.fold.CardFolding;
import kwibbet.fold.FoldWords;
import kwibbet.making.Making;
import kwibbet.making.Way;
import kwibbet.measure.MeasureSystem;
import kwibbet.picture.FinishedPicture;
import kwibbet.picture.FoldPicture;
import kwibbet.picture.StepPicture;
import kwibbet.wording.Phrase;

/**
 * What a learner is given: each step of one card with its picture, its number and its words, then how the card closes where that is more than one fold. Twenty
 * steps go on two sheets, in large type on both sides of them.
 */
final class StepPages {

    private static final int COLUMNS = 2;
    private static final float TITLE = 24;
    /** The head of the first page, and of the others. */
    private static final float HEAD = 104;

    private static final float HEAD_AFTER = 34;
    private static final float BETWEEN = 14;
    private static final float NUMBER = 1.5f;
    private static final float LEADING = 1.3f;
    private static final float LEAST = 6.5f;

    private final PageFlow flow;
    private final RunPlan plan;
    private final PageFormat format;
    private final Type type;

    StepPages(PageFlow flow, RunPlan plan, PageFormat format, Type type) {
        this.flow = flow;
        this.plan = plan;
        this.format = format;
        this.type = type;
    }

    /** How large the words are set, and so how many steps stand on a page. */
    enum Type {
        USUAL(11, 8, 12),
        LARGE(16, 6, 6);

        private final float size;
        private final int few;
        private final int most;

        Type(float size, int few, int most) {
            this.size = size;
            this.few = few;
            this.most = most;
        }

        /** How many pages so many steps take. */
        private int pages(int steps) {
            return steps <= few ? 1 : (steps + most - 1) / most;
        }
    }

    /**
     * A step.
     *
     * @param picture the work as it lies
     * @param words what to do
     */
    private record Step(Drawing picture, Phrase words) {}

    /**
     * A place on a page, in points from its left bottom corner.
     *
     * @param left its left edge
     * @param top its top edge
     * @param width how wide it is
     * @param height how high it is
     */
    private record Place(float left, float top, float width, float height) {}

    void draw(Card card) throws IOException {
        List<Step> steps = steps(card);
        int pages = type.pages(steps.size());
        int onPage = (steps.size() + pages - 1) / pages;
        for (int page = 0; page < pages; page++) {
            String foot = card.design().name() + (pages == 1 ? "" : ", " + (page + 1) + " of " + pages);
            PDPageContentStream content = flow.newPage(format.upright(), foot);
            float head = page == 0 ? HEAD : HEAD_AFTER;
            head(card, page == 0, content);
            int first = page * onPage;
            int last = Math.min(steps.size(), first + onPage);
            for (int step = first; step < last; step++) {
                draw(step + 1, steps.get(step), place(step - first, onPage, head), content);
            }
        }
    }

    private List<Step> steps(Card card) {
        MeasureSystem system = card.design().system();
        Making making = plan.makeOf(card, Way.ONE);
        List<Step> steps = new ArrayList<>();
        for (Making.Told step : making.told()) {
            steps.add(new Step(StepPicture.of(making, step, plan.shelf(), system), step.sentence(system)));
        }
        steps.addAll(closing(card));
        return steps;
    }

    /** How it closes, where that is more than folding it shut. */
    private List<Step> closing(Card card) {
        CardFolding folding = CardFolding.of(card);
        List<FoldStep> folds = folding.sequence().map(FoldSequence::steps).orElse(List.of());
        List<Step> steps = new ArrayList<>();
        if (folds.size() > 1) {
            FoldPicture picture = FoldPicture.of(
                    folding.pattern().pattern(),
                    folding.leaves(),
                    FoldPicture.fills(card, plan.shelf()),
                    folding.sequence()
                            .orElseThrow(() -> new IllegalStateException("a card with steps has an order of folding")),
                    1);
            for (int fold = 0; fold < folds.size(); fold++) {
                String words = FoldWords.of(folds.get(fold), folding.pattern().pattern());
                steps.add(new Step(picture.before(fold), Phrase.of(words)));
            }
        }
        return steps;
    }

    /** The name of the card, and on the first page the card as it will stand there. */
    private void head(Card card, boolean isFirst, PDPageContentStream content) throws IOException {
        PDRectangle page = format.upright();
        float top = page.getHeight() - PageFlow.MARGIN;
        String name = card.design().name();
        if (!isFirst) {
            flow.display()
                    .set(content, PageFlow.fitted(flow.display(), name, 14, inner()), PageFlow.MARGIN, top - 14, 14);
            return;
        }
        Drawing finished = FinishedPicture.standing(card, plan.shelf());
        float height = HEAD - BETWEEN;
        float scale = scale(finished, inner() / 2, height);
        float width = (float) finished.frame().size().width().toInches() * scale;
        new PdfDrawing(content, flow.text(), finished, PageFlow.MARGIN + inner() - width, top, scale).draw();
        float room = inner() - width - BETWEEN;
        flow.display()
                .set(content, PageFlow.fitted(flow.display(), name, TITLE, room), PageFlow.MARGIN, top - TITLE, TITLE);
        Phrase size = Phrase.in(card.design().system())
                .words("Shut ")
                .size(card.form().finished())
                .words(".")
                .end();
        flow.text().set(content, size, PageFlow.MARGIN, top - TITLE * 2, type.size);
    }

    private float inner() {
        return format.upright().getWidth() - 2 * PageFlow.MARGIN;
    }

    private static float scale(Drawing drawing, float width, float height) {
        return (float) Math.min(
                width / drawing.frame().size().width().toInches(),
                height / drawing.frame().size().height().toInches());
    }

    /** Two columns, read across. */
    private Place place(int at, int onPage, float head) {
        int rows = (onPage + COLUMNS - 1) / COLUMNS;
        int row = at / COLUMNS;
        float width = (inner() - (COLUMNS - 1) * BETWEEN) / COLUMNS;
        float top = format.upright().getHeight() - PageFlow.MARGIN - head;
        float height = (top - PageFlow.MARGIN) / rows;
        return new Place(
                PageFlow.MARGIN + (at % COLUMNS) * (width + BETWEEN), top - row * height, width, height - BETWEEN / 2);
    }

    private void draw(int number, Step step, Place place, PDPageContentStream content) throws IOException {
        content.setStrokingColor(Color.GRAY);
        content.setLineWidth(0.4f);
        content.setLineDashPattern(new float[0], 0);
        content.moveTo(place.left, place.top);
        content.lineTo(place.left + place.width, place.top);
        content.stroke();
        boolean isBeside = place.width > place.height * 1.4f;
        float top = place.top - 6;
        float high = place.height - 10;
        Place picture = isBeside
                ? new Place(place.left, top, place.width * 0.54f, high)
                : new Place(place.left + type.size * 2, top, place.width - type.size * 2, high * 0.6f);
        float size = type.size * NUMBER;
        float beside = picture.left + picture.width + 8;
        Place words = isBeside
                ? new Place(beside, top - size - 4, place.left + place.width - beside, high - size - 4)
                : new Place(place.left, top - high * 0.62f, place.width, high * 0.38f);
        float scale = scale(step.picture, picture.width, picture.height);
        new PdfDrawing(content, flow.text(), step.picture, picture.left, top, scale).draw();
        flow.bold().set(content, String.valueOf(number), isBeside ? beside : place.left, top - size, size);
        words(step.words, words, content);
    }

    /** As large as they can be and still have room. */
    private void words(Phrase phrase, Place place, PDPageContentStream content) throws IOException {
        float size = type.size;
        List<Phrase> rows = flow.broken(phrase, size, place.width);
        while (rows.size() * size * LEADING > place.height && size > LEAST) {
            size -= 0.5f;
            rows = flow.broken(phrase, size, place.width);
        }
        float y = place.top;
        for (Phrase row : rows) {
            y -= size * LEADING;
            flow.text().set(content, row, place.left, y, size);
        }
    }
}
