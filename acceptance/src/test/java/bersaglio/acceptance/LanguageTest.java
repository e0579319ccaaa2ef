package bersaglio.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import bersaglio.acceptance.Club.Hall;
import bersaglio.server.StartedServer;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.io.InputStream;
import java.text.DateFormatSymbols;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A language is its file of messages: with another file no word of the page is left that is not the club's own. */
@ExtendWith(Club.class)
class LanguageTest {

    private static final String MARK = "\u01c2";
    private static final Pattern WORD = Pattern.compile("[" + MARK + "\\p{L}][\\p{L}'\u2019-]+");
    private static final Pattern PLACE = Pattern.compile("\\{[^}]*}|\\p{L}[\\p{L}'\u2019-]*");
    private static final String SHOWN =
            """
            () => {
              const said = []
              const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
              for (let node = walker.nextNode(); node; node = walker.nextNode()) {
                const within = node.parentElement
                if (within.checkVisibility() && !within.closest('script, style, textarea')) {
                  said.push(node.textContent)
                }
              }
              for (const one of document.querySelectorAll('[aria-label], [title], [placeholder], [alt]')) {
                for (const name of ['aria-label', 'title', 'placeholder', 'alt']) {
                  said.push(one.getAttribute(name) ?? '')
                }
              }
              return said
            }
            """;

    @Test
    void noWordOfAnyViewIsLeftInAnotherLanguage(Hall hall) throws IOException {
        // Of a club of its own: what other tests have written here may look like codes.
        try (StartedServer own = StartedServer.withDemo()) {
            assertThat(leftIn(hall.tablet(), own)).isEmpty();
        }
    }

    private static Set<String> leftIn(Page page, StartedServer club) throws IOException {
        Set<String> own = wordsOfTheClub(club);
        String address = "http://localhost:" + club.port();
        String messages = "export default " + marked(messages());
        page.route(
                "**/assets/en-*.js",
                route -> route.fulfill(new Route.FulfillOptions()
                        .setContentType("text/javascript")
                        .setBody(messages)));
        String nora = "";
        for (JsonNode player : club.get("/api/club").get("players")) {
            nora = player.get("name").asString().startsWith("Nora")
                    ? player.get("id").asString()
                    : nora;
        }
        Set<String> left = new TreeSet<>();
        for (String path : List.of(
                "/",
                "/courtside",
                "/courtside/" + nora + "/straight-clear-1",
                "/queue/straight-clear-1",
                "/groups",
                "/matches",
                "/matches/tactics",
                "/matches/" + club.get("/api/matches").get(0).get("run").asString(),
                "/matches/" + club.get("/api/matches").get(0).get("run").asString() + "/review",
                "/groups/"
                        + club.get("/api/groups/2026-11-24").get(0).get("run").asString(),
                "/drills",
                "/drills/straight-clear",
                "/drills/straight-clear/edit",
                "/drills/straight-clear/print/card",
                "/drills/targets",
                "/drills/targets/rear-corner",
                "/drills/places",
                "/players",
                "/players/" + nora,
                "/players/" + nora + "/progressions/straight-clear-1",
                "/squad",
                "/sessions/2026-11-24",
                "/players/nobody/at/all")) {
            page.navigate(address + path);
            page.waitForLoadState(LoadState.NETWORKIDLE);
            page.getByText(MARK).first().waitFor();
            leftOn(page, own).forEach(word -> left.add(path + " " + word));
        }
        page.navigate(address);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(MARK + "Settings"))
                .click();
        page.getByRole(AriaRole.DIALOG).waitFor();
        leftOn(page, own).forEach(word -> left.add("settings " + word));
        return left;
    }

    private static Set<String> leftOn(Page page, Set<String> own) {
        Set<String> left = new TreeSet<>();
        for (Object said : (List<?>) page.evaluate(SHOWN)) {
            Matcher words = WORD.matcher(said.toString());
            while (words.find()) {
                String word = words.group();
                if (!word.startsWith(MARK) && !own.contains(word)) {
                    left.add(word + " of: " + said);
                }
            }
        }
        return left;
    }

    /** What the coach has written, what the browser writes of dates, and what is called the same everywhere. */
    private static Set<String> wordsOfTheClub(StartedServer club) {
        Set<String> words = new HashSet<>();
        List<JsonNode> told = new ArrayList<>(club.drills());
        for (String path : List.of(
                "/api/club", "/api/targets", "/api/today", "/api/squad", "/api/sessions/2026-11-24", "/api/tactics")) {
            told.add(club.get(path));
        }
        told.forEach(one -> collect(one, words));
        words.add("GeoJSON");
        DateFormatSymbols dates = new DateFormatSymbols(Locale.UK);
        words.addAll(Arrays.asList(dates.getWeekdays()));
        words.addAll(Arrays.asList(dates.getShortMonths()));
        words.addAll(Arrays.asList(dates.getMonths()));
        return words;
    }

    private static void collect(JsonNode node, Set<String> words) {
        // Codes are written large, and are no words.
        if (node.isString() && !node.asString().equals(node.asString().toUpperCase(Locale.ROOT))) {
            Matcher found = WORD.matcher(node.asString());
            while (found.find()) {
                words.add(found.group());
            }
        }
        node.values().forEach(one -> collect(one, words));
    }

    private static JsonNode messages() throws IOException {
        try (InputStream in = LanguageTest.class.getResourceAsStream("/bersaglio/messages/en.json")) {
            return StartedServer.JSON.readTree(Objects.requireNonNull(in));
        }
    }

    /** The same messages with every word marked. */
    private static JsonNode marked(JsonNode node) {
        if (node instanceof ObjectNode object) {
            ObjectNode marked = StartedServer.JSON.createObjectNode();
            object.properties().forEach(one -> marked.set(one.getKey(), marked(one.getValue())));
            return marked;
        }
        if (node instanceof ArrayNode array) {
            ArrayNode marked = StartedServer.JSON.createArrayNode();
            array.forEach(one -> marked.add(marked(one)));
            return marked;
        }
        return StartedServer.JSON.valueToTree(PLACE.matcher(node.asString())
                .replaceAll(found -> Matcher.quoteReplacement(
                        found.group().startsWith("{") ? found.group() : MARK + found.group())));
    }
}
