package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** The target editor, as a finger and a keyboard meet it; places are in metres in the hitter's frame. */
final class Editor {

    private final Page page;
    private final Courtside court;

    Editor(Page page) {
        this.page = page;
        this.court = new Courtside(page);
    }

    Editor open(String address, String what) {
        Visit.to(page, address + "/drills/targets/" + what);
        page.locator(".editor svg.court").waitFor();
        return this;
    }

    Editor tool(String kind) {
        page.locator("[data-tool=" + kind + "]").click();
        return this;
    }

    Editor touch(double x, double y) {
        court.touch(x, y);
        return this;
    }

    Editor drag(double x, double y, double toX, double toY) {
        court.clickAndFlick(x, y, toX, toY);
        return this;
    }

    Editor type(String label, String text) {
        Locator field = field(label);
        field.fill(text);
        field.press("Enter");
        return this;
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    Editor choose(String label, String option) {
        page.locator(".v-select:has(label:text-is(\"" + label + "\"))").first().click();
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
        return this;
    }

    Editor press(String button) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(button).setExact(true))
                .click();
        return this;
    }

    Editor key(String key) {
        page.keyboard().press(key);
        return this;
    }

    Editor says(String words) {
        assertThat(page.getByTestId("word")).containsText(words);
        return this;
    }

    /** Keeps it under a name and waits until the server has it. */
    Editor keep(String name) {
        type("Target", name);
        press("Keep");
        return says("Kept as version");
    }

    /** The id that the page gave it. */
    String id() {
        page.waitForURL(url -> !url.contains("/new/"));
        String url = page.url();
        return url.substring(url.lastIndexOf('/') + 1);
    }

    /** The text of a drill in words, as its editor has it; it draws only the lines that can be seen. */
    static String words(Page page) {
        page.locator("#drill-words").waitFor();
        return (String)
                page.evaluate("() => document.querySelector('#drill-words').cmTile.root.view.state.doc.toString()");
    }
}
