package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasToString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.TankPlan;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.web.util.HtmlUtils;

/** Plans out and in, and the promise that the file says all that the pages say. */
class ExchangeTest extends PageTest {
    @org.springframework.beans.factory.annotation.Autowired
    org.pelluna.app.storage.JournalStore journal;

    private KeeperPrincipal keeper;

    @BeforeEach
    void aKeeper() {
        keeper = newKeeper();
    }

    private ResultActions send(byte[] file) throws Exception {
        return pages.perform(multipart("/import")
                .file(new MockMultipartFile("file", "plan.json", "application/json", file))
                .with(user(keeper))
                .with(csrf()));
    }

    private String export(UUID tank) throws Exception {
        return pages.perform(get(keeper, "/tanks/" + tank + "/plan.json"))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    @Test
    void whatIsImportedIsExportedTheSame() throws Exception {
        send(demoText().getBytes(StandardCharsets.UTF_8)).andExpect(status().isFound());
        UUID tank = tanks.of(keeper.id()).get(0).id();
        TankPlan exported = PlanFile.read(export(tank), catalogue);
        assertThat(exported.withAsOf(demoPlan().asOf())).isEqualTo(demoPlan());
    }

    /** A friend's file must not change what is said of one's own tanks unsaid. */
    @Test
    void figuresThatComeWithAFileAreToldOf() throws Exception {
        TankPlan friends = demoPlan()
                .withCorrections(java.util.List.of(new org.pelluna.core.plan.Correction(
                        new org.pelluna.core.id.SpeciesId("gramma-loreto"),
                        org.pelluna.core.species.SpeciesFigure.VOLUME,
                        5000,
                        "my tank",
                        demoPlan().asOf())));
        send(PlanFile.write(friends).getBytes(StandardCharsets.UTF_8))
                .andExpect(flash().attribute("undo", hasToString(containsString("count in all your tanks"))));
        UUID tank = tanks.of(keeper.id()).get(0).id();
        assertThat(tanks.plan(keeper.id(), tank).corrections()).isEqualTo(friends.corrections());
    }

    /** It stopped the server for everybody: a list so long that its tree fills the memory. */
    @Test
    void aListWithoutEndIsRefusedWhileItIsRead() throws Exception {
        StringBuilder endless = new StringBuilder(19_000_000);
        endless.append("{\"format\":\"pelluna-plan\",\"version\":3,\"log\":[1");
        while (endless.length() < 18_999_990) {
            endless.append(",1");
        }
        send(endless.append("]}").toString().getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("larger, or nested deeper, than any plan")));
        send("[".repeat(10_000).getBytes(StandardCharsets.UTF_8)).andExpect(status().isUnprocessableContent());
        assertThat(tanks.of(keeper.id())).isEmpty();
    }

    @Test
    void anExportImportedAgainIsTheSamePlan() throws Exception {
        UUID tank = tanks.add(keeper.id(), demoPlan());
        String first = export(tank);
        send(first.getBytes(StandardCharsets.UTF_8)).andExpect(status().isFound());
        assertThat(export(tanks.of(keeper.id()).get(1).id())).isEqualTo(first);
    }

    @Test
    void aBadFileIsRefusedWithThePathAndChangesNothing() throws Exception {
        send(demoText().replace("\"gramma-loreto\"", "\"salmo-salar\"").getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isUnprocessableContent())
                .andExpect(content().string(containsString("/residents/2/speciesId")));
        send("{".getBytes(StandardCharsets.UTF_8)).andExpect(content().string(containsString("not JSON")));
        send(new byte[] {(byte) 0xff, (byte) 0xfe}).andExpect(content().string(containsString("UTF-8")));
        assertThat(tanks.of(keeper.id())).isEmpty();
    }

    /** {@code ./pelluna assess} prints what {@link Assessment} says of the exported file; the pages must say the same. */
    @Test
    void theExportedFileIsJudgedAsThePagesJudge() throws Exception {
        UUID tank = tanks.add(keeper.id(), demoPlan());
        Assessment ofFile = Assessment.of(PlanFile.read(export(tank), catalogue), catalogue);
        String wishes = page("/tanks/" + tank + "/wishes");
        ofFile.judgements().stream()
                .flatMap(judgement -> judgement.findings().stream())
                .forEach(finding -> assertThat(wishes).contains(onPage(finding.sentence())));
        String arrivals = page("/tanks/" + tank + "/arrivals");
        assertThat(ofFile.order().arrivals()).hasSizeGreaterThan(4);
        int from = 0;
        for (var arrival : ofFile.order().arrivals()) {
            int at = arrivals.indexOf("data-place=\"" + arrival.place() + "\"", from);
            assertThat(at).isGreaterThan(from);
            String entry = arrivals.substring(at, arrivals.indexOf("</li>", at) > 0 ? arrivals.length() : at);
            assertThat(entry).contains(onPage(arrival.date().toString()));
            arrival.reasons().forEach(reason -> assertThat(entry).contains(onPage(reason.sentence())));
            from = at;
        }
        String company = page("/tanks/" + tank + "/company?all=true");
        ofFile.planned()
                .forEach(pressure -> assertThat(company)
                        .contains("data-pair=\"" + pressure.aggressorId() + " " + pressure.victimId() + "\""));
    }

    /** A sentence of the core as pages print it: escaped, and with dates as people read them. */
    private static String onPage(String sentence) {
        java.time.LocalDate today = java.time.LocalDate.now();
        return java.util.regex.Pattern.compile("\\d{4}-\\d{2}-\\d{2}")
                .matcher(HtmlUtils.htmlEscape(sentence, "UTF-8"))
                .replaceAll(date -> org.pelluna.core.units.Dates.day(java.time.LocalDate.parse(date.group()), today));
    }

    private String page(String path) throws Exception {
        return pages.perform(get(keeper, path))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    /** Zip out, zip in: the tank and its photographs, which are made anew on the way in. */
    @Test
    void aDataPackageImportedIsTheSameTankWithItsPhotographs() throws Exception {
        UUID tank = tanks.add(keeper.id(), demoPlan());
        java.io.ByteArrayOutputStream jpeg = new java.io.ByteArrayOutputStream();
        javax.imageio.ImageIO.write(
                new java.awt.image.BufferedImage(40, 30, java.awt.image.BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
        journal.addPhoto(keeper.id(), tank, "sg-photo", jpeg.toByteArray());
        byte[] zip = pages.perform(get(keeper, "/tanks/{t}/tank.zip", tank))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        send(zip).andExpect(status().isFound());
        UUID copy = tanks.of(keeper.id()).get(1).id();
        assertThat(tanks.plan(keeper.id(), copy)).isEqualTo(tanks.plan(keeper.id(), tank));
        assertThat(journal.photos(keeper.id(), copy)).containsOnlyKeys("sg-photo");
        byte[] broken = java.util.Arrays.copyOf(zip, zip.length / 2);
        send(broken).andExpect(status().isUnprocessableContent());
        assertThat(tanks.of(keeper.id())).hasSize(2);
    }
}
