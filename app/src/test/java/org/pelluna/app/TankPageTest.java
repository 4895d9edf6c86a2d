package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A tank's form: what is entered is what is kept, whatever the units, and nothing is overwritten unseen. */
class TankPageTest extends PageTest {
    private KeeperPrincipal keeper;

    @BeforeEach
    void aKeeper() {
        keeper = newKeeper();
    }

    private static Map<String, String> form() {
        Map<String, String> form = new LinkedHashMap<>();
        form.put("key", UUID.randomUUID().toString());
        form.put("name", "Attic reef");
        form.put("shape", "BOX");
        form.put("length", "48");
        form.put("width", "24");
        form.put("height", "20.5");
        form.put("belowRim", "1.25");
        form.put("rockKg", "30");
        form.put("sump", "17.3");
        form.put("sandDepth", "2");
        form.put("refugium", "0");
        form.put("cycledOn", "2026-02-01");
        form.put("cover", "LID");
        form.put("gapMm", "5");
        form.put("shelters", "6");
        form.put("feedingPlaces", "2");
        form.put("temperature", "25.5");
        form.put("specificGravity", "1.0255");
        form.put("experience", "SEASONED");
        form.put("holdings[SHRIMPS]", "1.5");
        form.put("gallonsPerInchNew", "5");
        form.put("gallonsPerInchMature", "3");
        form.put("matureAfterMonths", "12");
        form.put("bodyLengthsToSwim", "4");
        form.put("pauseAfterOneDays", "14");
        form.put("pauseAfterMoreDays", "28");
        form.put("widestGapMm", "6");
        form.put("carefulPerHour", "4");
        form.put("notAbovePerHour", "18");
        form.put("latenessWeight", "0.25");
        form.put("shynessWeight", "1");
        return form;
    }

    private static MockHttpServletRequestBuilder with(MockHttpServletRequestBuilder request, Map<String, String> form) {
        form.forEach(request::param);
        return request;
    }

    private void imperialUnits() throws Exception {
        pages.perform(post(keeper, "/account/units")
                        .param("length", "INCH")
                        .param("volume", "US_GALLON")
                        .param("temperature", "FAHRENHEIT"))
                .andExpect(status().isFound());
    }

    private Tank only() {
        assertThat(tanks.of(keeper.id())).hasSize(1);
        return tanks.of(keeper.id()).get(0).tank();
    }

    @Test
    void figuresEnteredInGallonsAndInchesComeBackTheSame() throws Exception {
        imperialUnits();
        Map<String, String> form = form();
        form.put("temperature", "77.5");
        pages.perform(with(post(keeper, "/tanks/new"), form)).andExpect(status().isFound());
        assertThat(((TankShape.Box) only().shape()).lengthCm()).isEqualTo(121.92);
        assertThat(only().water().sumpLitres()).isCloseTo(65.4876, org.assertj.core.api.Assertions.within(1e-4));
        assertThat(only().holdings()).containsEntry(AnimalGroup.SHRIMPS, 1.5 * 2.54);
        String page = pages.perform(
                        get(keeper, "/tanks/" + tanks.of(keeper.id()).get(0).id()))
                .andReturn()
                .getResponse()
                .getContentAsString();
        for (String field : new String[] {"length", "height", "belowRim", "sump", "temperature"}) {
            assertThat(page).containsPattern("name=\"" + field + "\" value=\"" + form.get(field) + "(\\.0)?\"");
        }
    }

    @Test
    void theSameFormSentTwiceMakesOneTank() throws Exception {
        Map<String, String> form = form();
        pages.perform(with(post(keeper, "/tanks/new"), form)).andExpect(status().isFound());
        pages.perform(with(post(keeper, "/tanks/new"), form)).andExpect(status().isFound());
        assertThat(tanks.of(keeper.id())).hasSize(1);
    }

    @Test
    void badEntriesAreNamedBesideTheirFieldAndTheRestIsKept() throws Exception {
        Map<String, String> form = form();
        form.put("name", " ");
        form.put("length", "four feet");
        form.put("specificGravity", "1.9");
        form.put("temperature", "77.5");
        pages.perform(with(post(keeper, "/tanks/new"), form))
                .andExpect(content().string(containsString("Please give the tank a name.")))
                .andExpect(content().string(containsString("A number, please")))
                .andExpect(content().string(containsString("1.000 to 1.030")))
                .andExpect(content().string(containsString("5\u00a0°C to 40\u00a0°C")))
                .andExpect(content().string(containsString("value=\"20.5\"")));
        assertThat(tanks.of(keeper.id())).isEmpty();
    }

    /** Ticked, a group has its usual length; unticked, a length left behind keeps none. */
    @Test
    void aGroupIsTickedAndItsLengthIsAskedOnlyWhereItIsNotTheUsual() throws Exception {
        Map<String, String> form = form();
        form.put("keepsAsked", "true");
        form.put("keeps", "SNAILS");
        pages.perform(with(post(keeper, "/tanks/new"), form)).andExpect(status().isFound());
        assertThat(only().holdings()).containsOnly(Map.entry(AnimalGroup.SNAILS, AnimalGroup.SNAILS.usualCm()));
        String page = page(keeper, "/tanks/" + tanks.of(keeper.id()).get(0).id());
        assertThat(page).containsPattern("value=\"SNAILS\" checked").doesNotContainPattern("value=\"SHRIMPS\" checked");
    }

    /** Beside the form the tank is drawn with its net water; while something contradicts another, it is asked for. */
    @Test
    void theFormIsDrawnBesideItself() throws Exception {
        String drawn = page(keeper, "/tanks/preview?" + query(form()));
        assertThat(drawn).contains("tank-drawing", " of net water", "inches of adult fish");
        Map<String, String> form = form();
        form.remove("height");
        assertThat(page(keeper, "/tanks/preview?" + query(form))).contains("Enter the inside length");
        form.put("height", "1");
        assertThat(page(keeper, "/tanks/preview?" + query(form))).contains("Enter the inside length");
    }

    /** A tank that is kept is drawn with its fish, as it would be. */
    @Test
    void theProfileIsDrawnAsItWouldBe() throws Exception {
        UUID tank = tanks.add(keeper.id(), demoPlan());
        Tank before = tanks.plan(keeper.id(), tank).tank();
        String as = page(keeper, "/tanks/" + tank);
        Map<String, String> form = form();
        form.put("length", "300");
        String wouldBe = page(keeper, "/tanks/" + tank + "/preview?" + query(form));
        assertThat(as).contains("tank-drawing");
        assertThat(wouldBe).contains("tank-drawing").doesNotContain("masthead");
        // The same fish in another tank.
        assertThat(inches(wouldBe, 1)).isEqualTo(inches(as, 1)).isPositive();
        assertThat(inches(wouldBe, 2)).isNotEqualTo(inches(as, 2));
        form.put("gallonsPerInchNew", "50");
        form.put("gallonsPerInchMature", "50");
        assertThat(inches(page(keeper, "/tanks/" + tank + "/preview?" + query(form)), 2))
                .as("by the rules as they are entered")
                .isLessThan(inches(wouldBe, 2));
        assertThat(tanks.plan(keeper.id(), tank).tank()).isEqualTo(before);
    }

    /** Of the inches used and those there are, as the drawing has them beside it. */
    private static int inches(String page, int which) {
        Matcher found =
                Pattern.compile("(\\d+) of (\\d+) inches of adult fish used").matcher(page);
        assertThat(found.find()).isTrue();
        return Integer.parseInt(found.group(which));
    }

    private static String query(Map<String, String> form) {
        return form.entrySet().stream()
                .filter(one -> !one.getKey().contains("["))
                .map(one -> one.getKey() + "=" + one.getValue())
                .collect(java.util.stream.Collectors.joining("&"));
    }

    @Test
    void figuresThatContradictEachOtherAreExplained() throws Exception {
        Map<String, String> form = form();
        form.put("rockKg", "5000");
        pages.perform(with(post(keeper, "/tanks/new"), form))
                .andExpect(content().string(containsString("leave no water")));
        form.put("rockKg", "3");
        form.put("holdings[SHRIMPS]", "tiny");
        pages.perform(with(post(keeper, "/tanks/new"), form))
                .andExpect(content().string(containsString("smallest animal of a group")));
    }

    @Test
    void anEditOfAnOldVersionOverwritesNothing() throws Exception {
        Map<String, String> form = form();
        pages.perform(with(post(keeper, "/tanks/new"), form)).andExpect(status().isFound());
        String path = "/tanks/" + tanks.of(keeper.id()).get(0).id();
        form.put("version", "0");
        form.put("name", "First change");
        pages.perform(with(post(keeper, path), form)).andExpect(status().isFound());
        form.put("name", "Change of an old page");
        pages.perform(with(post(keeper, path), form))
                .andExpect(status().isConflict())
                .andExpect(content().string(containsString("Not saved yet, and nothing is lost")));
        assertThat(only().name()).isEqualTo("First change");
    }

    @Test
    void namesThatLookLikeMarkupStayText() throws Exception {
        Map<String, String> form = form();
        form.put("name", "<b>Reef</b>");
        pages.perform(with(post(keeper, "/tanks/new"), form)).andExpect(status().isFound());
        pages.perform(get(keeper, "/tanks"))
                .andExpect(content().string(containsString("&lt;b&gt;Reef&lt;/b&gt;")))
                .andExpect(content().string(org.hamcrest.Matchers.not(containsString("<b>Reef"))));
    }
}
