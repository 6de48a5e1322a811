package kwibbet.app.pages;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

/** An empty start, and pages that work without script and with the back button. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:empty;DB_CLOSE_DELAY=-1", "kwibbet.data=target/empty"})
class NoScriptTest {

    @LocalServerPort
    private int port;

    @Test
    void fromAnEmptyShelfToACardWithAMat() {
        try (Chromium chromium = new Chromium()) {
            Page page = chromium.pageWithoutScript();
            page.navigate("http://127.0.0.1:" + port + "/");
            assertThat(page.locator(".empty")).containsText("Nothing on the shelf yet");
            page.getByText("Inches, letter sheets").click();
            assertThat(page.locator("#new-paper option")).hasCount(4);
            page.locator("#new-size").selectOption("standard");
            page.getByText("Start the card").click();
            assertThat(page.locator("h1 input")).hasValue("Folded base");

            page.locator("#base-width").fill("1/2");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Apply"))
                    .click();
            assertThat(page.locator("#base-width-help")).containsText("must be 1 to 24 in");
            assertThat(page.locator("#base-width")).hasValue("1/2");
            page.goBack();
            page.locator("#add-mat").click();
            page.locator("#addition-paper").selectOption("starter-brown-square");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Apply"))
                    .click();
            assertThat(page.locator("#chip-mat-1")).containsText("Brown card stock");
            page.locator("#undo").click();
            assertThat(page.locator("#chip-mat-1")).not().containsText("Brown card stock");
            page.locator("#undo").click();
            assertThat(page.locator("#chip-mat-1")).hasCount(0);
        }
    }
}
