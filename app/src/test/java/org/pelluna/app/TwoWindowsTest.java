package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.watch.LogEntry;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.util.HtmlUtils;

/** One thing edited in two windows: the second gets its own words back beside the newer ones, and decides. */
class TwoWindowsTest extends PageTest {
    private KeeperPrincipal keeper;
    private UUID tank;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
    }

    private TankPlan plan() {
        return tanks.plan(keeper.id(), tank);
    }

    private String html(String path) throws Exception {
        return pages.perform(get(keeper, "/tanks/" + tank + path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    /** The form on a page that posts to a path, as a browser would send it. */
    private static Map<String, String> form(String html, String action) {
        Matcher found = Pattern.compile(
                        "<form(?=[^>]*method=\"post\")(?=[^>]*action=\"[^\"]*" + Pattern.quote(action)
                                + "\")[^>]*>(.*?)</form>",
                        Pattern.DOTALL)
                .matcher(html);
        assertThat(found.find()).as("a form to %s", action).isTrue();
        Map<String, String> form = new LinkedHashMap<>();
        Matcher inputs = Pattern.compile("<input[^>]*>").matcher(found.group(1));
        while (inputs.find()) {
            String name = attribute(inputs.group(), "name");
            if (!name.isEmpty() && !inputs.group().contains("checkbox")) {
                form.put(name, attribute(inputs.group(), "value"));
            }
        }
        Matcher choices = Pattern.compile("<select[^>]*name=\"([^\"]+)\"[^>]*>(.*?)</select>", Pattern.DOTALL)
                .matcher(found.group(1));
        while (choices.find()) {
            Matcher chosen = Pattern.compile("<option[^>]*selected[^>]*>").matcher(choices.group(2));
            form.put(choices.group(1), chosen.find() ? attribute(chosen.group(), "value") : "");
        }
        return form;
    }

    private static String attribute(String tag, String name) {
        Matcher found = Pattern.compile("\\b" + name + "=\"([^\"]*)\"").matcher(tag);
        return found.find() ? HtmlUtils.htmlUnescape(found.group(1)) : "";
    }

    private MockHttpServletRequestBuilder send(String path, Map<String, String> form) {
        MockHttpServletRequestBuilder request = post(keeper, "/tanks/" + tank + path);
        form.forEach(request::param);
        return request;
    }

    /** Opens a form twice, sends the first, then the second; gives the page that asks which shall stay. */
    private String second(String page, String action, String field, String mine, String theirs) throws Exception {
        Map<String, String> one = form(html(page), "/tanks/" + tank + action);
        one.computeIfPresent("decision", (name, open) -> "IN");
        Map<String, String> other = new LinkedHashMap<>(one);
        one.put(field, theirs);
        var first = pages.perform(send(action, one)).andReturn().getResponse();
        assertThat(first.getStatus()).as(one + first.getContentAsString()).isEqualTo(302);
        other.put(field, mine);
        return pages.perform(send(action, other))
                .andExpect(status().isConflict())
                .andExpect(content().string(containsString(mine)))
                .andExpect(content().string(containsString(theirs)))
                .andExpect(content().string(containsString("Keep my version")))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    @Test
    void anEntryOfTheLogIsNotOverwrittenUntilItsKeeperDecides() throws Exception {
        String chase = plan().log().stream()
                .filter(one -> one.kind() == LogEntry.Kind.CHASE)
                .findFirst()
                .orElseThrow()
                .id();
        String edit = "/watch/" + chase + "/edit";
        String conflict = second(edit, edit, "place", "by the window", "under the arch");
        assertThat(entry(chase).place()).contains("under the arch");
        pages.perform(send(edit, form(conflict, edit))).andExpect(status().isFound());
        assertThat(entry(chase).place()).contains("by the window");
        assertThat(html(edit)).as("the first words are kept too").contains("under the arch");
    }

    private LogEntry entry(String id) {
        return plan().log().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aDecisionOnAWishIsNotOverwritten() throws Exception {
        String conflict =
                second("/wishes", "/wishes/w-naso/decide", "note", "a bigger tank in May", "not in this house");
        assertThat(wish().decisionNote()).contains("not in this house");
        assertThat(conflict).contains("Keep the newer version");
    }

    private Wish wish() {
        return plan().wishes().stream()
                .filter(one -> one.id().key().equals("w-naso"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatIsNotedOfAFishIsNotOverwritten() throws Exception {
        String conflict = second("", "/residents/gale/came", "price", "19.25", "23.5");
        assertThat(gale().coming().flatMap(Resident.Acquisition::price)).contains(23.5);
        pages.perform(send("/residents/gale/came", form(conflict, "/residents/gale/came")))
                .andExpect(status().isFound());
        assertThat(gale().coming().flatMap(Resident.Acquisition::price)).contains(19.25);
    }

    private Resident gale() {
        return fish(plan(), "gale");
    }

    @Test
    void theProfileIsNotOverwritten() throws Exception {
        String conflict = second("", "", "name", "Mine", "Theirs");
        assertThat(plan().tank().name()).isEqualTo("Theirs");
        pages.perform(send("", form(conflict, "/tanks/" + tank))).andExpect(status().isFound());
        assertThat(plan().tank().name()).isEqualTo("Mine");
    }

    @Test
    void theHouseRulesAreNotOverwritten() throws Exception {
        String conflict = second("/rules", "/rules", "nitrate", "22", "11");
        assertThat(plan().houseRules().husbandry().target().nitrate()).isEqualTo(11);
        pages.perform(send("/rules", form(conflict, "/rules"))).andExpect(status().isFound());
        assertThat(plan().houseRules().husbandry().target().nitrate()).isEqualTo(22);
    }

    @Test
    void theDrawingIsNotOverwritten() throws Exception {
        String conflict = second("/reef/edit", "/reef/edit", "items[0].x", "47", "52");
        assertThat(firstRock().xCm()).isEqualTo(52);
        pages.perform(send("/reef/edit", form(conflict, "/reef/edit"))).andExpect(status().isFound());
        assertThat(firstRock().xCm()).isEqualTo(47);
    }

    private Layout.Rock firstRock() {
        return plan().tank().layout().rocks().get(0);
    }

    @Test
    void aThingAddedInOneWindowIsNamedInTheOther() throws Exception {
        Map<String, String> form = form(html("/reef/edit"), "/tanks/" + tank + "/reef/edit");
        Map<String, String> adding = new LinkedHashMap<>(form);
        adding.put("add", "BURROW");
        pages.perform(send("/reef/edit", adding)).andExpect(status().isFound());
        pages.perform(send("/reef/edit", form))
                .andExpect(status().isConflict())
                .andExpect(content().string(containsString("Burrow")))
                .andExpect(content().string(containsString("not in the drawing")));
    }

    @Test
    void aSpeciesOfOnesOwnIsNotOverwritten() throws Exception {
        Map<String, String> form = form(html("/own-species?like=gramma-loreto"), "/own-species");
        form.put("commonName", "Dottyback of the lagoon");
        form.put("scientificName", "Pseudochromis ficticius");
        form.put("note", "a friend keeps it");
        pages.perform(send("/own-species", form)).andExpect(status().isFound());
        String key = plan().ownSpecies().get(0).id().key();
        String conflict =
                second("/own-species?species=" + key, "/own-species", "note", "seen at a show", "read in a book");
        assertThat(plan().ownSpecies().get(0).note()).isEqualTo("read in a book");
        pages.perform(send("/own-species", form(conflict, "/own-species"))).andExpect(status().isFound());
        assertThat(plan().ownSpecies().get(0).note()).isEqualTo("seen at a show");
    }
}
