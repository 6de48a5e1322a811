package kwibbet.app.web;

import java.util.Map;

import org.junit.jupiter.api.Test;

import kwibbet.measure.Length;
import kwibbet.measure.MeasureSystem;
import kwibbet.wording.Phrase;

import static org.assertj.core.api.Assertions.assertThat;

class EntriesTest {

    @Test
    void goodEntriesAreReadAndWhatIsKeptIsShown() {
        Entries entries = Entries.of(Map.of("width", " 4-1/4 ", "make", "1 200", "system", "METRIC", "grain", "yes"));
        assertThat(entries.length("width", MeasureSystem.INCH)).isEqualTo(Length.ofInches(17, 4));
        assertThat(entries.wholeNumber("make")).isEqualTo(1200);
        assertThat(entries.choice("system", MeasureSystem.class)).isEqualTo(MeasureSystem.METRIC);
        assertThat(entries.isTicked("grain")).isTrue();
        assertThat(entries.isTicked("other")).isFalse();
        assertThat(entries.areGood()).isTrue();
        assertThat(entries.shown("width", "4 1/4")).isEqualTo("4 1/4");
    }

    @Test
    void oneWrongEntryKeepsEverythingThatWasTyped() {
        Entries entries = Entries.of(Map.of("width", "wide", "height", "7 1/2", "make", "-"));
        entries.length("width", MeasureSystem.INCH);
        entries.wholeNumber("make");
        entries.choice("system", MeasureSystem.class);
        entries.refuse("width", "a second message is not needed");
        assertThat(entries.message("width")).contains("is not a length");
        assertThat(entries.message("make")).isEqualTo("Enter a whole number.");
        assertThat(entries.message("system")).isEqualTo("Choose one of the list.");
        assertThat(entries.message("height")).isEmpty();
        assertThat(entries.shown("height", "7")).isEqualTo("7 1/2");
        assertThat(entries.shown("depth", "1")).isEqualTo("1");
        assertThat(entries.messages()).hasSize(3);
    }

    @Test
    void markupEscapesWordsAndSetsFractions() {
        Markup markup = Markup.ONLY;
        assertThat(markup.length(Length.ofInches(17, 4), MeasureSystem.INCH))
                .isEqualTo(
                        "<span class=\"figure\">4\u200a<span class=\"frac\"><span>1</span>/<span>4</span></span>\u00a0in</span>");
        assertThat(markup.phrase(Phrase.of("<b> & \"x\""))).isEqualTo("&lt;b&gt; &amp; &quot;x&quot;");
        assertThat(Markup.entry(Length.ofMillimetres(100), MeasureSystem.INCH)).isEqualTo("100 mm");
        assertThat(Markup.entry(Length.ofInches(1, 8), MeasureSystem.INCH)).isEqualTo("1/8");
    }
}
