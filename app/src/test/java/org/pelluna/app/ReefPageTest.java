package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.Tank;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** The reef through time, drawn, changed, compared and taken out. */
class ReefPageTest extends PageTest {
    private KeeperPrincipal keeper;
    private UUID tank;

    @BeforeEach
    void aReef() {
        keeper = newKeeper();
        tank = tanks.add(keeper.id(), demoPlan());
    }

    private String page(String path) throws Exception {
        return pages.perform(get(keeper, "/tanks/" + tank + path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    @Test
    void aDayShowsEveryFishAtTheLengthTheCoreComputes() throws Exception {
        var day = tanks.plan(keeper.id(), tank).asOf().plusYears(1);
        String part = page("/reef?part=true&on=" + day);
        assertThat(part).doesNotContain("<html").contains("data-on=\"" + day + "\"");
        ResolvedPlan stock = ResolvedPlan.of(tanks.plan(keeper.id(), tank), catalogue);
        for (var fish : stock.residents()) {
            Matcher drawn = Pattern.compile("data-fish=\"" + fish.id() + "\" data-length-cm=\"([\\d.]+)\"")
                    .matcher(part);
            assertThat(drawn.find()).isTrue();
            assertThat(Double.parseDouble(drawn.group(1))).isCloseTo(fish.lengthCmOn(day), within(0.006));
        }
    }

    @Test
    void ghostsAndTheDepartedAreShownOnRequest() throws Exception {
        var today = tanks.plan(keeper.id(), tank).asOf();
        assertThat(page("/reef?on=" + today)).contains("swimmer to-come").doesNotContain("swimmer is-gone");
        assertThat(page("/reef?ghosts=false&gone=true&on=" + today))
                .doesNotContain("swimmer to-come")
                .contains("swimmer is-gone");
        assertThat(page("/reef?on=1990-01-01")).contains("data-on=\"2026-04-27\"");
    }

    @Test
    void pickingAFishTellsWhoAttacksItAndWhy() throws Exception {
        assertThat(page("/reef?part=true&fish=gale"))
                .contains("Attacked by")
                .contains("class=\"press")
                .contains("Temperament ");
        assertThat(page("/reef?part=true&fish=nobody")).doesNotContain("Attacked by");
    }

    private Tank stored() {
        return tanks.plan(keeper.id(), tank).tank();
    }

    private int version() {
        return tanks.get(keeper.id(), tank).version();
    }

    /** The form as the page has it, with some rows changed. */
    private MockHttpServletRequestBuilder form(Layout layout) {
        var request = post(keeper, "/tanks/" + tank + "/reef/edit")
                .param("version", String.valueOf(version()))
                .param("part", "true");
        int i = 0;
        for (Layout.Rock rock : layout.rocks()) {
            String row = "items[" + i++ + "].";
            request.param(row + "id", rock.id())
                    .param(row + "kind", rock.form().name())
                    .param(row + "name", rock.name())
                    .param(row + "x", String.valueOf(rock.xCm()))
                    .param(row + "y", String.valueOf(rock.yCm()))
                    .param(row + "z", String.valueOf(rock.liftCm()))
                    .param(row + "width", String.valueOf(rock.widthCm()))
                    .param(row + "depth", String.valueOf(rock.depthCm()))
                    .param(row + "height", String.valueOf(rock.heightCm()))
                    .param(row + "placed", rock.placedOn().map(Object::toString).orElse(""));
        }
        for (Layout.Shelter one : layout.shelters()) {
            String row = "items[" + i++ + "].";
            request.param(row + "id", one.id())
                    .param(row + "kind", one.kind().name())
                    .param(row + "name", one.name())
                    .param(row + "x", String.valueOf(one.xCm()))
                    .param(row + "y", String.valueOf(one.yCm()))
                    .param(row + "z", String.valueOf(one.zCm()))
                    .param(row + "width", String.valueOf(one.sizeCm()));
        }
        return request;
    }

    private static Layout rocks(Layout.Rock... rocks) {
        return new Layout(
                java.util.List.of(rocks),
                java.util.List.of(),
                java.util.List.of(),
                java.util.List.of(),
                Optional.empty());
    }

    private static Layout.Rock rock(String id, double x, double height) {
        return new Layout.Rock(id, "Pile", Layout.Rock.Form.MOUND, x, 25, 40, 30, height, 0, Optional.empty());
    }

    @Test
    void anEditFeedsWaterSwimAndShelters() throws Exception {
        pages.perform(form(rocks(rock("a", 40, 20))).param("add", "CAVE"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("Longest swimming length")));
        Tank now = stored();
        assertThat(now.layout().rocks()).hasSize(1);
        assertThat(now.shelters()).isEqualTo(1);
        double bulk = Math.PI / 6 * 40 * 30 * 20 / 1000;
        assertThat(now.netWater().rockLitres()).isCloseTo(bulk * 0.6, within(bulk * 0.01));
        Tank core = now.drawn(now.layout());
        assertThat(now.netWater()).isEqualTo(core.netWater());
        assertThat(now.swimCm()).isEqualTo(core.swimCm());
        assertThat(page("")).contains("Drawn");
    }

    @Test
    void movedRockIsFreshGroundUnlessTheMoveIsTakenBack() throws Exception {
        pages.perform(form(rocks(rock("a", 40, 20)))).andExpect(status().isOk());
        Layout before = stored().layout();
        pages.perform(form(rocks(rock("a", 90, 20)))).andExpect(status().isOk());
        assertThat(stored().layout().freshRocks(tanks.plan(keeper.id(), tank).asOf()))
                .hasSize(1);
        var back = new Layout.Rock("a", "Pile", Layout.Rock.Form.MOUND, 40, 25, 40, 30, 20, 0, Optional.empty());
        pages.perform(form(rocks(back)).param("back", "true")).andExpect(status().isOk());
        assertThat(stored().layout().freshRocks(tanks.plan(keeper.id(), tank).asOf()))
                .isEmpty();
        assertThat(before.rocks()).hasSize(1);
    }

    @Test
    void nonsenseAndOldFormsSaveNothing() throws Exception {
        Tank before = stored();
        pages.perform(form(rocks())
                        .param("items[0].id", "a")
                        .param("items[0].kind", "MOUND")
                        .param("items[0].x", "40")
                        .param("items[0].y", "20")
                        .param("items[0].width", "20")
                        .param("items[0].depth", "20")
                        .param("items[0].height", "-3"))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("Not saved: a size is more than 0")));
        pages.perform(form(rocks())
                        .param("items[0].id", "a")
                        .param("items[0].kind", "CAVE")
                        .param("items[0].x", "left"))
                .andExpect(status().isUnprocessableContent());
        pages.perform(post(keeper, "/tanks/" + tank + "/reef/edit").param("version", String.valueOf(version() - 1)))
                .andExpect(status().isConflict());
        assertThat(stored()).isEqualTo(before);
    }

    @Test
    void theDrawingStandsByItself() throws Exception {
        String svg = page("/reef/reef.svg");
        var document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        assertThat(document.getDocumentElement().getTagName()).isEqualTo("svg");
        Matcher uses = Pattern.compile("href=\"#([^\"]+)\"").matcher(svg);
        while (uses.find()) {
            assertThat(svg).contains("id=\"" + uses.group(1) + "\"");
        }
        assertThat(svg).contains("--color-ink:").contains("@font-face").doesNotContain("http://127");
    }

    @Test
    void plateAndComparisonTellTheDays() throws Exception {
        assertThat(page("/reef/plate?on=2027-06-01"))
                .contains("Skerry reef")
                .contains("2027-06-01")
                .contains("plate-legend");
        assertThat(page("/reef/compare?left=2026-11-24&right=2028-11-24&rightWay=box"))
                .contains("Box for all")
                .contains("Expected attacks an hour");
        pages.perform(get(keeper, "/tanks/" + tank + "/reef/compare?leftWay=none"))
                .andExpect(status().isOk())
                .andExpect(content().string(not(containsString("none,"))));
    }
}
