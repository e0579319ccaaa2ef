package bersaglio.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(Club.class)
class ClubTest {

    @Test
    void nothingOfOneTestIsOnTheDeviceOfTheNext(Hall hall) {
        Page left = hall.tablet();
        new Courtside(left)
                .open(hall.address(), hall.newPlayer("Left Behind", "RIGHT"))
                .key("Space")
                .shows("1 of 1");
        assertThat(kept(left)).hasSizeGreaterThan(1);

        hall.close();
        Page next = hall.tablet();
        assertThat(next.context()).isSameAs(left.context());
        next.navigate(hall.address() + "/api/club");
        assertThat(kept(next)).isEmpty();
    }

    private static List<?> kept(Page page) {
        return (List<?>)
                page.evaluate(
                        """
                async () => [...(await indexedDB.databases()).map(({ name }) => name), ...Object.keys(localStorage)]
                """);
    }
}
