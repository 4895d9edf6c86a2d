package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.app.storage.Keepers;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class SignInTest extends PageTest {
    @Autowired
    Keepers keepers;

    @Test
    void thePolicyAllowsNothingInlineAndNothingForeign() throws Exception {
        pages.perform(MockMvcRequestBuilders.get("/sign-in"))
                .andExpect(status().isOk())
                .andExpect(header().string(
                                "Content-Security-Policy",
                                allOf(
                                        containsString("default-src 'none'"),
                                        containsString("script-src 'self'"),
                                        not(containsString("unsafe")))))
                .andExpect(header().string("X-Content-Type-Options", "nosniff"))
                .andExpect(content().string(not(containsString("style="))));
    }

    @Test
    void aPostWithoutItsTokenIsRefused() throws Exception {
        pages.perform(MockMvcRequestBuilders.post("/sign-in/demo")).andExpect(status().isForbidden());
    }

    @Test
    void aNewKeeperSignsUpAndIn() throws Exception {
        String name = "N" + UUID.randomUUID().toString().substring(0, 8);
        pages.perform(MockMvcRequestBuilders.post("/sign-up")
                        .with(csrf())
                        .param("displayName", "Nils of the Pier")
                        .param("username", name)
                        .param("password", "cold water, warm hands"))
                .andExpect(redirectedUrl("/voyage"));
        assertThat(keepers.findByUsername(name.toLowerCase(java.util.Locale.ROOT))
                        .orElseThrow()
                        .passwordHash())
                .startsWith("$2a$");
        pages.perform(MockMvcRequestBuilders.post("/sign-in")
                        .with(csrf())
                        .param("username", name)
                        .param("password", "cold water, warm hands"))
                .andExpect(redirectedUrl("/today"));
        pages.perform(MockMvcRequestBuilders.post("/sign-in")
                        .with(csrf())
                        .param("username", name)
                        .param("password", "wrong"))
                .andExpect(redirectedUrl("/sign-in?refused"));
        pages.perform(MockMvcRequestBuilders.post("/sign-up")
                        .with(csrf())
                        .param("displayName", "Another")
                        .param("username", name)
                        .param("password", "cold water, warm hands"))
                .andExpect(content().string(containsString("This name is taken")));
    }

    @ParameterizedTest
    @CsvSource({
        "'', someone, long enough password, the name you want",
        "Someone, x, long enough password, 3 to 40 characters",
        "Someone, someone2, short, 10 to 64 characters"
    })
    void aPoorEntryGetsASentence(String displayName, String username, String password, String sentence)
            throws Exception {
        pages.perform(MockMvcRequestBuilders.post("/sign-up")
                        .with(csrf())
                        .param("displayName", displayName)
                        .param("username", username)
                        .param("password", password))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString(sentence)))
                .andExpect(content().string(not(containsString(password + "\""))));
    }

    @ParameterizedTest
    @CsvSource({"/tanks, /tanks", "//elsewhere.example, /today", "https://elsewhere.example, /today", "/import, /import"
    })
    void switchingTheLookLeadsBackToOurPagesOnly(String back, String target) throws Exception {
        pages.perform(MockMvcRequestBuilders.post("/look")
                        .with(csrf())
                        .param("look", "NIGHT")
                        .param("back", back))
                .andExpect(redirectedUrl(target));
    }

    @Test
    void nobodyCanSignInAsTheDemoKeeperByAPassword() throws Exception {
        for (String guess : new String[] {"", "demo", "password"}) {
            pages.perform(MockMvcRequestBuilders.post("/sign-in")
                            .with(csrf())
                            .param("username", "demo")
                            .param("password", guess))
                    .andExpect(redirectedUrl("/sign-in?refused"));
        }
    }

    /** The bill of materials is of the build's own making: what is known to be shipped stands in it, with its licence. */
    @Test
    void whatIsShippedStandsThereWithItsLicence() throws Exception {
        pages.perform(MockMvcRequestBuilders.get("/licences"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("spring-security-web")))
                .andExpect(content().string(containsString("@fontsource/alegreya-sans")))
                .andExpect(content().string(containsString("SIL OPEN FONT LICENSE")))
                .andExpect(content().string(containsString("MIT")))
                .andExpect(content().string(not(containsString("assertj"))));
    }
}
