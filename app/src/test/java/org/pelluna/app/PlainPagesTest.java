package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.web.PlainWordsTest;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.Observations;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** No page uses a retired word, in the demo's tank, in an empty one and in one with forty fish. */
class PlainPagesTest extends PageTest {
    private static final Pattern NO_TEXT = Pattern.compile("(?s)<(script|style)\\b.*?</\\1>|<[^>]*>");
    private static final Map<Pattern, String> RETIRED = PlainWordsTest.retired();

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping mappings;

    private KeeperPrincipal keeper;

    @BeforeEach
    void aKeeper() {
        keeper = newKeeper();
    }

    /** Every address that needs no more than a tank, by itself. */
    private Set<String> addresses(boolean ofATank) {
        Set<String> found = new TreeSet<>();
        mappings.getHandlerMethods()
                .keySet()
                .forEach(mapping -> mapping.getPatternValues().stream()
                        .filter(path ->
                                mapping.getMethodsCondition().getMethods().contains(RequestMethod.GET))
                        .filter(path -> ofATank == path.startsWith("/tanks/{tankId}"))
                        .map(path -> path.replace("{tankId}", "*"))
                        // The licences of the libraries are printed word for word.
                        .filter(path -> !path.contains("{") && !path.equals("/licences"))
                        .forEach(found::add));
        return found;
    }

    private Optional<String> text(String path) throws Exception {
        MockHttpServletResponse answer = pages.perform(
                        MockMvcRequestBuilders.get(path).with(user(keeper)))
                .andReturn()
                .getResponse();
        return answer.getStatus() == 200
                        && String.valueOf(answer.getContentType()).startsWith("text/html")
                ? Optional.of(NO_TEXT.matcher(answer.getContentAsString()).replaceAll(" "))
                : Optional.empty();
    }

    /** Reads the pages; how many there were. */
    private int read(Set<String> paths, List<String> found) throws Exception {
        int pages = 0;
        for (String path : paths) {
            Optional<String> text = text(path);
            pages += text.isPresent() ? 1 : 0;
            text.ifPresent(words -> RETIRED.forEach((pattern, instead) -> {
                Matcher old = pattern.matcher(words);
                if (old.find()) {
                    found.add(path + ": “"
                            + words.substring(Math.max(0, old.start() - 40), Math.min(words.length(), old.end() + 40))
                                    .replaceAll("\\s+", " ")
                            + "”: not “" + old.group() + "”, but " + instead);
                }
            }));
        }
        return pages;
    }

    private void readTank(TankPlan plan, int least) throws Exception {
        UUID tank = tanks.add(keeper.id(), plan);
        List<String> found = new ArrayList<>();
        Set<String> paths = new TreeSet<>();
        addresses(true).forEach(path -> paths.add(path.replace("*", tank.toString())));
        int pages = read(paths, found);
        assertThat(found).isEmpty();
        assertThat(pages).as("pages").isGreaterThan(least);
    }

    @Test
    void pagesWithoutATankUseNoRetiredWord() throws Exception {
        List<String> found = new ArrayList<>();
        assertThat(read(addresses(false), found)).as("pages").isGreaterThan(10);
        assertThat(found).isEmpty();
    }

    @Test
    void theDemosTankUsesNoRetiredWord() throws Exception {
        readTank(demoPlan(), 30);
    }

    @Test
    void anEmptyTankUsesNoRetiredWord() throws Exception {
        readTank(emptyPlan(), 30);
    }

    @Test
    void fortyFishUseNoRetiredWord() throws Exception {
        TankPlan demo = demoPlan();
        List<Resident> forty = IntStream.range(0, 40)
                .mapToObj(i -> new Resident(
                        new FishId("f" + i),
                        new SpeciesId(
                                List.of("chromis-viridis", "gramma-loreto", "zebrasoma-flavescens", "naso-lituratus")
                                        .get(i % 4)),
                        "Fish " + i,
                        demo.asOf().minusDays(30 + i),
                        5,
                        Optional.empty()))
                .toList();
        readTank(
                demo.with(as -> as.residents(forty)
                        .wishes(List.of())
                        .log(List.of())
                        .losses(List.of())
                        .observations(Observations.EMPTY)
                        .schedule(Schedule.NONE)),
                30);
    }
}
