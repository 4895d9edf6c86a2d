package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A page that answers a question begins with the answer, in a tank with fish and in an empty one. */
class LeadsTest extends PageTest {
    private static final Pattern LEAD = Pattern.compile("<p class=\"headline[^\"]*\">([^<]+)</p>");

    private KeeperPrincipal keeper;
    private String tank;
    private String empty;

    @BeforeEach
    void oneTankWithFishAndOneWithout() {
        keeper = newKeeper();
        UUID full = tanks.add(keeper.id(), demoPlan());
        UUID none = tanks.add(keeper.id(), emptyPlan());
        tank = "/tanks/" + full;
        empty = "/tanks/" + none;
    }

    private List<String> leads(String path) throws Exception {
        String page = pages.perform(MockMvcRequestBuilders.get(path).with(user(keeper)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        return LEAD.matcher(page).results().map(found -> found.group(1)).toList();
    }

    private void begins(String path, String with) throws Exception {
        assertThat(leads(path)).as(path).first().asString().containsPattern("^" + with);
    }

    @Test
    void aTankWithFishIsAnswered() throws Exception {
        begins(tank + "/plan", "Next: ");
        begins(tank + "/wishes", "\\d+ of your \\d+ wishes fit this tank now\\.");
        begins(tank + "/arrivals", "Next: ");
        begins(tank + "/company", "Watch [A-Z][a-z ]+: expect about ");
        begins(tank + "/headroom", "(There is room|There is no room|This tank is over)");
        begins(tank + "/sharpen", "(None of your guesses|The first guess below)");
        // The demo's plan follows the best order, and an order without one of its fish is no comparison.
        begins(tank + "/arrivals/alternatives", "Your order has the best score, [\\d.]+\\.$");
        begins(tank + "/arrivals/money", "(The planned fish cost|\\d.* is at risk)");
        begins(tank + "/log", "(Too early to say if the tank is calm|Calm|Not calm|Attacks are frequent)");
        begins(tank + "/water", "(The water stays safe|Too much ammonia)");
        begins(tank + "/losses", "You lost 2 of 8 fish\\.");
        begins(tank + "/losses/survival", "2 of 2 losses");
        begins(tank + "/watch/what-now", "[^.]*expect about [\\d.]+ attacks an hour on Inkwell");
    }

    @Test
    void thePagesOfTheRecordAreAnswered() throws Exception {
        begins(tank + "/watch", "Last watch: |You have not watched .+ for \\d+ days: watch it");
        begins(tank + "/watch/roll-call", "(All \\d+ fish were eating|.+ has (been|not been) |No roll call yet)");
        begins(tank + "/watch/signs", "(No |.+: .+, last seen on .+\\. Look again today)");
        begins(
                tank + "/watch/remedies",
                "(No remedies tried yet|.+: (it helped|it may|it did not|too early)|.+, since .+: (too early|we cannot say))");
        begins(tank + "/watch/rank", "(.+ is at the top of the pecking order|No clear pecking order yet)");
        begins(tank + "/losses/crew", "(Buy \\d+ |You have enough)");
    }

    @Test
    void thePagesOfTheTankAreAnswered() throws Exception {
        begins(
                tank + "/move?into=" + empty.substring("/tanks/".length()),
                "(All fish can move to|\\S+ cannot move to) ");
        begins(tank + "/residents/enter", "List the fish that live here");
        begins(tank + "/tables", "Choose a table");
        begins("/import", "Choose a plan file");
        begins(tank, "\\d+ fish in \\d+\\hL of water\\.");
        begins(tank + "/reef", ".+ outgrows this tank about |\\d+ fish live here; all have room");
        begins(tank + "/rules", "You follow .+: they stop \\d+ of your \\d+ wishes\\.");
        begins(tank + "/company/what-if", ".+ would attack .+ about [\\d.]+ times an hour|Expect few attacks on ");
        begins(tank + "/arrivals/calendar", "Add these dates to your calendar\\.");
    }

    /** The lead of a species is its verdict in this tank; a list counts those that fit. */
    @Test
    void thePagesOfTheCatalogueAreAnswered() throws Exception {
        begins(tank + "/species", "\\d+ of \\d+ species fit beside the fish that live here today\\.");
        begins(tank + "/species?q=qqqqqqqq", "No species matches\\. Remove a filter\\.");
        begins(tank + "/species/acanthurus-sohal", "Sohal (tang|surgeonfish) in .+: no\\. [A-Z]");
        begins(
                tank + "/species/ctenochaetus-tominiensis",
                "Tomini bristletooth in .+: later\\. Wait until .+ In your plan it arrives on .+\\.");
        begins(tank + "/families/Acanthuridae", "(None|\\d+) of \\d+ .+ fits? beside the fish that live here today\\.");
        begins(
                tank + "/species-compared?s=zebrasoma-flavescens&s=zebrasoma-scopas",
                "(Do not keep them together|They can live together)");
    }

    @Test
    void anEmptyTankIsToldSo() throws Exception {
        begins(empty + "/wishes", "No wishes yet\\.");
        begins(empty + "/losses", "No losses\\.");
        begins(empty, "No fish yet, in .+ of water\\. Add the fish that live here\\.");
        begins(empty + "/reef", "No fish yet\\.");
        begins(empty + "/company/what-if", "No fish lives here yet");
        assertThat(leads(empty + "/watch/roll-call")).isEmpty();
        begins(empty + "/headroom", "There is room, even with the whole plan: [^.]* 0 of ");
        assertThat(leads(empty + "/arrivals/alternatives")).isEmpty();
        assertThat(leads(empty + "/watch/what-now")).isEmpty();
    }

    /** Each tank on Today has its own: what to do today, or until when there is nothing to do. */
    @Test
    void todayBeginsEachTankWithWhatToDo() throws Exception {
        assertThat(leads("/today")).hasSize(2).allSatisfy(lead -> {
            Matcher known = Pattern.compile("(Today: .+|Nothing to do .+|.+ attack.+)\\.")
                    .matcher(lead);
            assertThat(known.matches()).as(lead).isTrue();
        });
    }
}
