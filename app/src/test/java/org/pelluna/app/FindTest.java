package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.app.account.KeeperPrincipal;

/** What the line that finds leads to, and that it leads nowhere else. */
class FindTest extends PageTest {
    private static final Pattern ADDRESS = Pattern.compile("<a href=\"([^\"]+)\"");

    private String found(KeeperPrincipal keeper, UUID tank, String letters) throws Exception {
        return page(keeper, "/find?part=true&from=" + tank + "&q=" + letters);
    }

    @ParameterizedTest
    @CsvSource({
        "gale, /fish/gale, true",
        "Inkw, /fish/inkwell, true",
        "royal gramma, /species/gramma-loreto, false",
        "water test, /water, true",
        "log att, /watch, true",
        "show friend, /plan/show, true",
        "headroom, /headroom, true",
        "settling, /glossary#settling, false",
        "new tank, /voyage, true",
    })
    void aFewLettersLeadThere(String letters, String address, boolean first) throws Exception {
        KeeperPrincipal keeper = newKeeper();
        UUID tank = tanks.add(keeper.id(), demoPlan());
        var addresses = ADDRESS.matcher(found(keeper, tank, letters))
                .results()
                .map(one -> one.group(1))
                .toList();
        assertThat(addresses).as(letters).anyMatch(one -> one.endsWith(address));
        if (first) {
            assertThat(addresses.get(0)).as(letters).endsWith(address);
        }
    }

    @Test
    void everythingThatIsOfferedWithoutLettersIsThere() throws Exception {
        KeeperPrincipal keeper = newKeeper();
        UUID tank = tanks.add(keeper.id(), demoPlan());
        var addresses = ADDRESS.matcher(found(keeper, tank, ""))
                .results()
                .map((MatchResult one) -> one.group(1))
                .toList();
        assertThat(addresses).hasSizeGreaterThan(15);
        for (String address : addresses) {
            pages.perform(get(keeper, address)).andExpect(status().isOk());
        }
    }

    @Test
    void nothingOfAnotherKeeperIsFound() throws Exception {
        KeeperPrincipal owner = newKeeper();
        UUID theirs = tanks.add(owner.id(), demoPlan());
        KeeperPrincipal other = newKeeper();
        assertThat(found(other, theirs, "gale")).doesNotContain(theirs.toString(), "/fish/");
        assertThat(found(other, theirs, "<script>alert(1)")).doesNotContain("<script>");
        pages.perform(get(other, "/find?q=" + "x".repeat(101))).andExpect(status().isBadRequest());
    }
}
