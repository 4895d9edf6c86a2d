package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.web.TankCache;
import org.pelluna.core.arrival.Arrival;
import org.pelluna.core.arrival.ArrivalCalendar;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.WishId;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.units.Dates;
import org.springframework.beans.factory.annotation.Autowired;

/** The same question gets the same answer on every page: the day of each fish, from when to look for it, its verdict. */
class OneVoiceTest extends PageTest {
    @Autowired
    TankCache cache;

    private KeeperPrincipal keeper;
    private UUID tank;
    private Assessment assessment;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
        assessment = cache.of(keeper.id(), tank).assessment();
    }

    private String page(String path) throws Exception {
        return pages.perform(get(keeper, path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    private String day(java.time.LocalDate day) {
        return Dates.day(day, assessment.stock().plan().asOf());
    }

    /** The part of a page that begins with a text and ends before another, or at the end. */
    private static String part(String page, String from, String until) {
        int begin = page.indexOf(from);
        assertThat(begin).as("“%s” on the page", from).isNotNegative();
        int end = page.indexOf(until, begin + from.length());
        return page.substring(begin, end < 0 ? page.length() : end);
    }

    @Test
    void theDayOfEachFishIsTheSameOnEveryPage() throws Exception {
        String path = "/tanks/" + tank;
        String arrivals = page(path + "/arrivals");
        String wishes = page(path + "/wishes");
        String paper = page(path + "/arrivals/paper");
        assertThat(assessment.order().arrivals()).hasSizeGreaterThan(4);
        for (Arrival one : assessment.order().arrivals()) {
            String day = day(one.date());
            assertThat(part(arrivals, "data-place=\"" + one.place() + "\"", "data-place="))
                    .contains(">" + day + "<");
            assertThat(part(paper, "Arrivals", "</ol>")).contains("<strong>" + day + "</strong>");
            for (WishId wish : one.wishIds()) {
                assertThat(part(wishes, "data-wish=\"" + wish + "\"", "</article>"))
                        .contains("In your order: " + day + ".");
                assertThat(page(path + "/arrivals/" + wish + "/run-sheet")).contains(day);
            }
        }
        Arrival first = assessment.order().arrivals().get(0);
        assertThat(page("/tanks")).contains("Next: " + first.names() + ", from " + day(first.date()));
    }

    @Test
    void whenToLookForItIsTheSameInTheShopOnPaperAndAmongTheArrivals() throws Exception {
        String path = "/tanks/" + tank;
        String arrivals = page(path + "/arrivals");
        String shop = page(path + "/shop");
        String paper = page(path + "/arrivals/paper");
        List<ArrivalCalendar.Lane> lanes =
                ArrivalCalendar.of(assessment.stock(), assessment.order(), assessment.planned());
        for (int i = 0; i < 3; i++) {
            ArrivalCalendar.Lane lane = lanes.get(i);
            String look =
                    day(lane.span(ArrivalCalendar.Span.Kind.LOOK).orElseThrow().from());
            assertThat(part(shop, ">" + lane.arrival().names() + "<", "</li>"))
                    .contains(
                            "look from " + look, "arrives " + day(lane.arrival().date()));
            assertThat(part(arrivals, "data-place=\"" + lane.arrival().place() + "\"", "data-place="))
                    .contains("look for it from " + look);
            assertThat(part(paper, "Shopping list for", "</table>")).contains(">" + look + "<");
        }
    }

    @Test
    void theVerdictOfAWishIsTheSameAmongTheWishesAndInTheCatalogue() throws Exception {
        String wishes = page("/tanks/" + tank + "/wishes");
        for (Judgement one : assessment.judgements()) {
            String wished =
                    attribute(part(wishes, "data-wish=\"" + one.wished().wish().id() + "\"", ">"), "data-verdict");
            String entry =
                    page("/tanks/" + tank + "/species/" + one.wished().species().id());
            String said = wished.split(",? from | ab ")[0];
            assertThat(entry.toLowerCase(java.util.Locale.ROOT))
                    .as("%s: “%s”", one.wished().species().commonName(), said)
                    .contains(said);
        }
    }

    private static String attribute(String tag, String name) {
        Matcher found = Pattern.compile(name + "=\"([^\"]*)\"").matcher(tag);
        assertThat(found.find()).as("%s in %s", name, tag).isTrue();
        return found.group(1);
    }
}
