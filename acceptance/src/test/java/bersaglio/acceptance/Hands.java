package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;

/** How a coach works the page: with fingers on a phone, or with the keys of a computer of 1280 by 800 and no pointer. */
enum Hands {
    FINGERS_ON_A_PHONE {
        private int place;

        @Override
        Page page(Hall hall) {
            return hall.phone();
        }

        @Override
        void use(Locator control) {
            control.tap();
        }

        @Override
        void enter(Courtside court, int side, boolean hit) {
            Page page = court.page();
            if (page.getByTestId("hit-0").count() == 0) {
                WaysInTest.way(page, "Two halves");
            }
            // Beside the place of the last touch: one on top of it so soon would be a bounce of the finger.
            place = (place + 1) % 3;
            page.getByTestId((hit ? "hit-" : "not-") + side)
                    .tap(new Locator.TapOptions().setPosition(20 + 60 * place, 40));
        }

        @Override
        Courtside look(Courtside court) {
            if (court.page().getByTestId("halves-count").count() > 0) {
                press(court.page(), "Back to the court");
            }
            return court;
        }

        @Override
        void countIs(Courtside court) {
            press(court.page(), "Count is now …");
            countHasTheCursor(court.page());
        }

        @Override
        void close(Courtside court) {
            press(court.page(), "Close set");
        }

        @Override
        void clock(Courtside court) {
            press(court.page(), "Start");
        }

        @Override
        void skip(Courtside court) {
            Page page = court.page();
            page.getByTestId("hitter").scrollIntoViewIfNeeded();
            BoundingBox box = page.getByTestId("hitter").boundingBox();
            CDPSession finger = page.context().newCDPSession(page);
            for (String touch : new String[] {"touchStart 140", "touchMove 90", "touchMove 30", "touchEnd"}) {
                String[] parts = touch.split(" ");
                JsonObject event = new JsonObject();
                event.addProperty("type", parts[0]);
                JsonArray points = new JsonArray();
                if (parts.length > 1) {
                    JsonObject point = new JsonObject();
                    point.addProperty("x", Integer.parseInt(parts[1]));
                    point.addProperty("y", box.y + box.height / 2);
                    points.add(point);
                }
                event.add("touchPoints", points);
                finger.send("Input.dispatchTouchEvent", event);
            }
        }
    },

    KEYS_AT_A_TABLE {
        @Override
        Page page(Hall hall) {
            return hall.table();
        }

        @Override
        void use(Locator control) {
            // A list that is still opening moves the cursor to itself.
            control.page().waitForCondition(() -> {
                control.focus();
                return (boolean) control.evaluate("one => document.activeElement === one");
            });
            control.press("Enter");
        }

        @Override
        void enter(Courtside court, int side, boolean hit) {
            Locator next = court.page().locator("[data-test^=side-][aria-pressed=true]");
            while (next.count() > 0 && !next.getAttribute("data-test").equals("side-" + side)) {
                court.key("x");
            }
            court.key(hit ? "Space" : "0");
        }

        @Override
        Courtside look(Courtside court) {
            return court;
        }

        @Override
        void countIs(Courtside court) {
            court.key("o");
            countHasTheCursor(court.page());
        }

        @Override
        void close(Courtside court) {
            court.key("Shift+Enter");
        }

        @Override
        void clock(Courtside court) {
            court.key("k");
        }

        @Override
        void skip(Courtside court) {
            court.key("q");
        }
    };

    abstract Page page(Hall hall);

    /** Touches a control, or presses it with the keyboard. */
    abstract void use(Locator control);

    /** A ball of a side, from 0, without a place. */
    abstract void enter(Courtside court, int side, boolean hit);

    /** At the count beside the court. */
    abstract Courtside look(Courtside court);

    abstract void countIs(Courtside court);

    abstract void close(Courtside court);

    abstract void clock(Courtside court);

    abstract void skip(Courtside court);

    /** The dialog puts the cursor there as it opens; what is pressed before that goes elsewhere, a list opened before closes. */
    private static void countHasTheCursor(Page page) {
        assertThat(page.getByLabel("Count", new Page.GetByLabelOptions().setExact(true)))
                .isFocused();
    }

    /** A row of hits, {@code 1}, and others, {@code 0}. */
    void row(Courtside court, String trials) {
        trials.chars().forEach(trial -> enter(court, 0, trial == '1'));
    }

    void press(Page page, String name) {
        use(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first());
    }

    /** Chooses of a list that opens. */
    void choose(Page page, String label, String option) {
        Locator field =
                page.locator(".v-input:has(label:text-is(\"" + label + "\"))").first();
        Locator wanted = page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option));
        if (this == FINGERS_ON_A_PHONE) {
            field.tap();
            wanted.tap();
        } else {
            Locator chosen = field.filter(new Locator.FilterOptions().setHasText(option));
            Locator input = field.locator("input:not([type=hidden])");
            Locator list = page.getByRole(AriaRole.LISTBOX);
            // Of a long list only what can be seen is there: the cursor goes down it, as a coach's does.
            page.waitForCondition(() -> {
                if (list.count() == 0) {
                    input.press("ArrowDown");
                }
                String at = (String) page.evaluate("document.activeElement.closest('[role=option]')?.innerText ?? ''");
                page.keyboard().press(at.contains(option) ? "Enter" : "ArrowDown");
                return at.contains(option);
            });
            assertThat(chosen).hasCount(1);
        }
    }

    /** Chooses of a list that is searched by typing. */
    void playWith(Page page, String partner) {
        find(page, "With", partner);
        assertThat(page.locator(".v-chip").filter(new Locator.FilterOptions().setHasText(partner)))
                .isVisible();
    }

    void find(Page page, String label, String option) {
        Locator field = page.locator(".v-input:has(label:text-is(\"" + label + "\")) input:not([type=hidden])")
                .first();
        Locator wanted = page.getByRole(
                AriaRole.OPTION, new Page.GetByRoleOptions().setName(option).setExact(true));
        field.fill(option);
        if (this == FINGERS_ON_A_PHONE) {
            wanted.tap();
        } else {
            wanted.waitFor();
            field.press("Enter");
        }
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.LISTBOX)).hasCount(0);
        page.evaluate("document.activeElement.blur()");
    }
}
