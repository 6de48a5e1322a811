package kwibbet.app.pages;

import java.util.List;
import java.util.Map;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AutoClose;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

import kwibbet.card.Craft;
import kwibbet.card.base.Bases;
import kwibbet.card.feature.Features;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Every parameter and choice of every base, feature, paper, tool and die, as its form is sent: each choice leads to a page that is in order, and
 * a refusal stands beside a field that is there, with all that was entered still in its place.
 */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:fields;DB_CLOSE_DELAY=-1", "kwibbet.data=target/fields"})
@ActiveProfiles("demo")
class EveryFieldTest {

    private static final String PROBE =
            """
            async ({ path, selector, within }) => {
              const complaints = [];
              const headers = within ? { 'HX-Request': 'true' } : {};
              const read = async (answer) => ({ status: answer.status, html: new DOMParser().parseFromString(await answer.text(), 'text/html') });
              const show = async () => read(await fetch(path, { headers }));
              const send = async (form, values) => {
                const data = new URLSearchParams(new FormData(form));
                Object.entries(values).forEach(([name, value]) => (value === null ? data.delete(name) : data.set(name, value)));
                return { sent: data, ...await read(await fetch(form.getAttribute('action'), { method: 'POST', headers, body: data })) };
              };
              const undo = async (html) => {
                const form = html.querySelector('form[action$="/undo"]');
                if (form) await fetch(form.getAttribute('action'), { method: 'POST', headers, body: new URLSearchParams(new FormData(form)) });
              };
              const said = (html) => [...html.querySelectorAll('[role="alert"]')].filter((each) => each.textContent.trim());
              const keeps = (what, answer) => {
                const form = answer.html.querySelector(selector);
                if (!form) { complaints.push(`${what}: the form is gone`); return; }
                const now = new FormData(form);
                for (const [name, value] of answer.sent) {
                  if (!['version', 'edit'].includes(name) && now.get(name) !== value) complaints.push(`${what}: ${name} was ${value} and is ${now.get(name)}`);
                }
              };
              const refused = (what, answer) => {
                if (said(answer.html).length === 0) complaints.push(`${what}: refused without a word`);
                const title = answer.html.querySelector('#card-name');
                if (title && title.value !== 'Probe') complaints.push(`${what}: the card is called ${title.value}`);
                keeps(what, answer);
              };
              const texts = async (form, from) => {
                for (const field of form.querySelectorAll('input[type="text"]')) {
                  if (from.has(field.name) || field.name === 'set' || field.id.endsWith('-name')) continue;
                  from.add(field.name);
                  const answer = await send(form, { [field.name]: 'seven' });
                  const what = `${path} ${field.name} seven`;
                  if (answer.status !== 422) complaints.push(`${what}: ${answer.status}`);
                  refused(what, answer);
                  const there = answer.html.getElementById(field.id);
                  const told = there ? (there.getAttribute('aria-describedby') || '').split(' ').map((id) => answer.html.getElementById(id)) : [];
                  if (!told.some((each) => each && each.querySelector('[role="alert"]'))) complaints.push(`${what}: nothing beside the field`);
                }
              };
              const seen = new Set();
              let form = (await show()).html.querySelector(selector);
              await texts(form, seen);
              const choices = [...form.querySelectorAll('select')].flatMap((field) => [...field.options].map((option) => [field.name, option.value]))
                .concat([...form.querySelectorAll('input[type="radio"]')].map((field) => [field.name, field.value]))
                .concat([...form.querySelectorAll('select')].map((field) => [field.name, '']));
              for (const [name, value] of choices) {
                form = (await show()).html.querySelector(selector);
                const answer = await send(form, { [name]: value });
                const what = `${path} ${name} = ${value}`;
                if (answer.status === 422) {
                  if (value !== '') refused(what, answer);
                  else if (said(answer.html).length === 0) complaints.push(`${what}: refused without a word`);
                } else if (answer.status !== 200) complaints.push(`${what}: ${answer.status}`);
                const next = answer.html.querySelector(selector);
                if (next) await texts(next, seen);
                if (answer.status === 200 && within) await undo(answer.html);
              }
              return complaints;
            }""";

    private static final String CARD =
            """
            async ({ base, feature }) => {
              const read = async (answer) => new DOMParser().parseFromString(await answer.text(), 'text/html');
              const start = new URLSearchParams({ name: 'Probe', size: 'five-by-seven', paper: 'night', base });
              let page = await read(await fetch('/cards', { method: 'POST', body: start }));
              const path = page.querySelector('#work').dataset.path;
              if (!feature) return path;
              const form = page.querySelector('form[action$="/additions"]');
              const data = new URLSearchParams(new FormData(form));
              data.set('feature', feature);
              data.set('on', form.querySelector('[name=on]').options[0].value);
              page = await read(await fetch(form.getAttribute('action'), { method: 'POST', headers: { 'HX-Request': 'true' }, body: data }));
              const added = page.querySelector('.hand form[action*="/additions/"]');
              return added ? `${path}?held=${added.getAttribute('action').split('/').pop()}` : `${path} ${feature} not added: ${page.body.textContent}`;
            }""";

    @AutoClose
    private static final Chromium CHROMIUM = new Chromium();

    @LocalServerPort
    private int port;

    private Page page;

    @BeforeEach
    void open() {
        page = CHROMIUM.page();
        page.navigate("http://127.0.0.1:" + port + "/");
    }

    private List<?> probe(String path, String selector, boolean within) {
        return (List<?>) page.evaluate(PROBE, Map.of("path", path, "selector", selector, "within", within));
    }

    private String card(String base, String feature) {
        return (String) page.evaluate(CARD, Map.of("base", base, "feature", feature));
    }

    @Test
    void ofEveryBase() {
        for (Craft base : Bases.ALL) {
            assertThat(probe(card(base.key(), ""), ".hand form[hx-trigger='change']", true))
                    .as(base.key())
                    .isEmpty();
        }
    }

    @Test
    void ofEveryFeature() {
        for (Craft feature : Features.ALL) {
            String path = card("folded", feature.key());
            assertThat(path).contains("?held=");
            assertThat(probe(path, ".hand form[hx-trigger='change']", true))
                    .as(feature.key())
                    .isEmpty();
        }
    }

    @Test
    void ofPaperToolsAndDies() {
        assertThat(probe("/inventory?paper=moss", ".hand form", false)).isEmpty();
        assertThat(probe("/inventory/tools", ".tools-form", false)).isEmpty();
        assertThat(probe("/inventory/dies?die=demo%20Gas%20lamp", ".hand form", false))
                .isEmpty();
        assertThat(probe("/offcuts", ".hand form", false)).isEmpty();
        assertThat(probe("/inventory/papers/moss/movements", ".hand form", false))
                .isEmpty();
    }
}
