package bersaglio.acceptance;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.net.URI;

/** Leads to a view; where the application is open already, as one of its links does: it is not loaded anew for that. */
final class Visit {

    private Visit() {}

    static void to(Page page, String address) {
        URI from = URI.create(page.url());
        URI next = URI.create(address);
        boolean within = next.getAuthority().equals(from.getAuthority())
                && !next.getPath().equals(from.getPath());
        if (!within) {
            page.navigate(address);
            return;
        }
        page.locator("#page > :not(.words, .update)")
                .last()
                .evaluate(
                        """
                        (shown, to) => {
                          shown.dataset.left = ''
                          history.pushState(null, '', to)
                          dispatchEvent(new PopStateEvent('popstate'))
                        }
                        """,
                        address);
        page.locator("[data-left]").waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
    }
}
