package bersaglio.acceptance;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import bersaglio.server.Device;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Club.class)
class PlayerPageTest {

    @Test
    void theHitRateOfEachLevelIsReadWithItsInterval(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Rate Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.row("11111111").press("Close set").press("Move up to level 2").sent();
        Visit.to(page, hall.address() + "/players/" + player);
        Locator rates = page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("8/8"));
        // Eight of eight: Jeffreys, 0.7378 to 1.
        Assertions.assertThat(rates.getAttribute("aria-label")).contains("Level 1", "8 of 8", "74", "100");
    }

    @Test
    void aZoneSaysItsChanceOnceEightLandingsAreKnownAndTheSizeForAnother(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Zone Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.row("11010").press("Close set").press("Stay on level 1").sent();
        Visit.to(page, hall.address() + "/players/" + player);
        Locator zone = page.getByTestId("zone-chance");
        assertThat(zone).containsText("3.96 m²");
        assertThat(zone).containsText("not yet known: 5 landings, 8 are needed");
        assertThat(page.locator("ellipse.half")).hasCount(0);
        court.open(hall.address(), player).row("11101").press("Close set").sent();
        Visit.to(page, hall.address() + "/players/" + player);
        assertThat(zone).containsText("10 landings, 0 in the net");
        assertThat(page.locator("ellipse.half")).isVisible();
        Locator sized = page.getByTestId("zone-sized");
        String forSeventy = sized.innerText();
        zone.getByRole(AriaRole.COMBOBOX).first().click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("50"))
                .click();
        assertThat(sized).not().hasText(forSeventy);
        assertThat(sized).containsText("m");
    }

    @Test
    void earlierSetsOfALongRecordComeWhenAskedFor(Hall hall) {
        String player = hall.newPlayer("Long Tester", "RIGHT");
        for (int set = 0; set < 30; set++) {
            Device device = new Device(hall.server());
            List<String> events = new ArrayList<>(List.of(device.opened(player, 1)));
            events.addAll(device.row(set % 3 == 0 ? "110110" : "010010"));
            events.add(device.closed());
            device.fates(events);
        }
        for (String path : List.of("", "/progressions/" + Device.DRILL)) {
            Page page = hall.tablet();
            Visit.to(page, hall.address() + "/players/" + player + path);
            Locator rows = page.locator("tbody tr");
            assertThat(rows).hasCount(24);
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("6 earlier sets"))
                    .click();
            assertThat(rows).hasCount(30);
            assertThat(page.getByText("earlier set")).hasCount(0);
        }
    }

    @Test
    void aLikelihoodThatRoundsToNothingIsNotSaidToBeNothing(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Unlikely Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.row("0000000").press("Close set");
        assertThat(court.verdict()).containsText("it is <\u00a01\u00a0% likely");
    }

    @Test
    void theChosenSetStandsOutAmongTheLandingsOfItsLevel(Hall hall) {
        Page page = hall.tablet();
        String player = hall.newPlayer("Landing Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        court.row("0101").press("Close set").press("Stay on level 1").shows("0 of 0");
        court.row("110").press("Close set").sent();
        Visit.to(page, hall.address() + "/players/" + player);
        assertThat(page.locator(".drawing .mark")).hasCount(7);
        page.locator("tbody button").first().click();
        assertThat(page.locator("tbody button").first()).hasAttribute("aria-pressed", "true");
        assertThat(page.locator(".drawing .layer g[opacity='1']")).hasCount(3);
        page.locator("tbody button").nth(1).click();
        assertThat(page.locator(".drawing .layer g[opacity='1']")).hasCount(4);
    }

    @Test
    void aFingerOnALandingPictureStillScrollsThePage(Hall hall) {
        Page page = hall.phone();
        String player = hall.newPlayer("Scroll Tester", "RIGHT");
        Courtside court = new Courtside(page).open(hall.address(), player);
        Assertions.assertThat(takesTouch(page)).isTrue();
        court.row("11").press("Close set").sent();
        Visit.to(page, hall.address() + "/players/" + player);
        assertThat(page.locator(".drawing .mark")).hasCount(2);
        Assertions.assertThat(takesTouch(page)).isFalse();
    }

    private static boolean takesTouch(Page page) {
        Object taken = page.locator("svg.court")
                .evaluate(
                        """
                        (svg) => !svg.dispatchEvent(new TouchEvent('touchstart', { cancelable: true, bubbles: true }))
                        """);
        return (Boolean) taken;
    }
}
