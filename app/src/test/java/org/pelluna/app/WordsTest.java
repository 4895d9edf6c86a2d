package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.web.Terms;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Schedule;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.Observations;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.io.ClassPathResource;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** The words of every page, read as a keeper reads them: pages are asked of the application, over both tanks of the demo. */
class WordsTest extends PageTest {
    /** What no page says, and what is wrong with it. */
    private static final Map<String, String> NEVER = new LinkedHashMap<>();

    static {
        NEVER.put("\\b\\d{4}-\\d{2}-\\d{2}\\b", "a date as files have it");
        NEVER.put("∞", "a sign instead of words");
        NEVER.put(
                "(?<![\\d.])1 (days|weeks|months|years|hours|fish are|losses|tasks|tests|wishes|residents|encounters)\\b",
                "a plural of one");
        NEVER.put("(?i)\\bin 0 days\\b|\\bin 1 day\\b", "a day that has a name");
        NEVER.put("(?i)\\bsaves [−-]?\\d|\\bdearer\\b", "money where none is meant");
        NEVER.put("(?i)\\bshall\\b|\\blikewise\\b|\\bsave for\\b|\\bof themselves\\b", "an old turn of phrase");
        NEVER.put("(?i)\\bschools?\\b", "an approach by another name");
        NEVER.put("(?i)\\bwould turn this\\b|\\bgate below\\b", "a condition by another name");
        NEVER.put("(?i)act at once", "advice that does not say what");
        NEVER.put("(?i)into the (log|record)\\b(?!s)", "an action that is not called Save");
        NEVER.put("(?i)from memory", "our own doubt, read as the keeper's");
        NEVER.put("(?i)meeker|harsher", "a temperament by another name");
        NEVER.put("\\b\\d+\\.0\\b(?! ?(h|in)\\b)", "a needless zero");
    }

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    RequestMappingHandlerMapping mappings;

    private List<String> pagesOf(UUID tank, TankPlan plan) {
        String wish = plan.wishes().isEmpty()
                ? plan.residents().get(0).id().key()
                : plan.wishes().get(0).id().key();
        List<String> paths = new ArrayList<>();
        mappings.getHandlerMethods().keySet().forEach(info -> {
            if (info.getMethodsCondition().getMethods().contains(RequestMethod.GET)) {
                info.getPatternValues().stream()
                        .filter(pattern ->
                                !pattern.matches(".*(\\.(ics|csv|json|zip)|/photos/.*|\\{draft}|\\{token}.*)"))
                        .map(pattern -> pattern.replace("{tankId}", tank.toString())
                                .replace("{speciesId}", "gramma-loreto")
                                .replaceAll(
                                        "/watch/\\{key}/",
                                        "/watch/"
                                                + (plan.log().isEmpty()
                                                        ? "none"
                                                        : plan.log()
                                                                .get(plan.log().size() - 1)
                                                                .id())
                                                + "/")
                                .replace("{key}", wish))
                        // Licences are in their makers' words.
                        .filter(path -> !path.contains("{") && !path.contains("none") && !path.equals("/licences"))
                        .forEach(paths::add);
            }
        });
        return paths;
    }

    /** What can be read of a page: the text between its tags, forms' values aside. */
    private static String visible(String html) {
        return html.replaceAll("(?s)<(script|style|head|datalist|code)\\b.*?</\\1>", " ")
                .replaceAll("(?s)<[^>]*>", "\n")
                .replace("&#39;", "'")
                .replace("&nbsp;", " ")
                .replace("\u00a0", " ");
    }

    @Test
    void everyPageOfTheDemoSpeaksPlainly() throws Exception {
        KeeperPrincipal keeper = newKeeper();
        TreeSet<String> wrong = new TreeSet<>();
        int read = 0;
        for (String demo : List.of("skerry-reef", "window-lagoon", "side-room")) {
            TankPlan plan = PlanFile.read(
                    new ClassPathResource("demo/" + demo + ".json").getContentAsString(StandardCharsets.UTF_8),
                    catalogue);
            read += read(keeper, demo, plan, wrong);
        }
        assertThat(read).as("pages read").isGreaterThan(60);
        assertThat(wrong).isEmpty();
    }

    /** Pages are written for a dozen fish; they hold for none and for a crowd with long names. */
    @Test
    void soDoesEveryPageOfATankWithNoFishAndWithForty() throws Exception {
        KeeperPrincipal keeper = newKeeper();
        TreeSet<String> wrong = new TreeSet<>();
        TankPlan demo = demoPlan();
        for (int fish : new int[] {0, 40}) {
            List<Resident> residents = IntStream.range(0, fish)
                    .mapToObj(i -> List.copyOf(catalogue.all()).get(14 * i))
                    .map(one -> new Resident(
                            new FishId(one.id().key()),
                            one.id(),
                            "The old " + one.commonName() + " of the north cave",
                            demo.asOf().minusDays(40),
                            5,
                            Optional.empty()))
                    .toList();
            TankPlan plan = demo.with(as -> as.residents(residents)
                    .log(List.of())
                    .losses(List.of())
                    .observations(Observations.EMPTY)
                    .schedule(Schedule.NONE));
            read(keeper, fish + " fish", plan, wrong);
        }
        assertThat(wrong).isEmpty();
    }

    /** Reads every page of a tank; how many there were. */
    private int read(KeeperPrincipal keeper, String name, TankPlan plan, Set<String> wrong) throws Exception {
        UUID tank = tanks.add(keeper.id(), plan);
        int read = 0;
        for (String path : pagesOf(tank, plan)) {
            var answer = pages.perform(get(keeper, path)).andReturn().getResponse();
            String where = path.replace(tank.toString(), name) + ": ";
            if (answer.getStatus() >= 500) {
                wrong.add(where + answer.getStatus());
            }
            if (answer.getStatus() == 200
                    && String.valueOf(answer.getContentType()).startsWith("text/html")) {
                read++;
                String words = visible(answer.getContentAsString(StandardCharsets.UTF_8));
                NEVER.forEach((pattern, what) -> {
                    Matcher found = Pattern.compile("[^\n]{0,40}(?:" + pattern + ")[^\n]{0,40}")
                            .matcher(words);
                    if (found.find()) {
                        wrong.add(what + ": " + where + found.group().strip());
                    }
                });
            }
        }
        return read;
    }

    @Test
    void theGlossaryHasEachTermOnceAndIsOnEveryPage() throws Exception {
        KeeperPrincipal keeper = newKeeper();
        String page = pages.perform(get(keeper, "/glossary"))
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        Terms.ALL.forEach(term -> assertThat(page).contains(">" + term.word() + "<"));
        assertThat(Terms.ALL).extracting(Terms.Term::word).doesNotHaveDuplicates();
        assertThat(pages.perform(get(keeper, "/tanks"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("href=\"/glossary\"");
    }
}
