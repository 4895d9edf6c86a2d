package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;

/** Every page that computes says, behind its figures, how they come about: in a sentence, with its arithmetic and on whose word. */
class ExplainedPagesTest extends PageTest {
    private static final String[] PLACES = {
        "/company",
        "/plan",
        "/fish/gale",
        "/water",
        "/watch/settling",
        "/watch/learned",
        "/watch/remedies",
        "/watch/what-now",
        "/losses/crew",
        "/losses/survival"
    };

    private static final Pattern EXPLAINED = Pattern.compile("How is this computed\\?</summary>"
            + "<p>[^<]+</p><p class=\"my-1 font-bold\">[^<]*\\d[^<]*</p>.*?Source: <span>[^<]+</span>");

    @Test
    void theDemosFiguresAreExplained() throws Exception {
        KeeperPrincipal keeper = newKeeper();
        UUID tank = tanks.add(keeper.id(), demoPlan());
        List<String> unexplained = new ArrayList<>();
        for (String place : PLACES) {
            if (!EXPLAINED
                    .matcher(page(keeper, "/tanks/" + tank + place).replaceAll(">\\s+<", "><"))
                    .find()) {
                unexplained.add(place);
            }
        }
        assertThat(unexplained).isEmpty();
    }
}
