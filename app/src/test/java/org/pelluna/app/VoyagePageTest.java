package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Guess;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.UsualTank;

/** What somebody may send to the first questions, to the guesses and to the story that no form of ours would. */
class VoyagePageTest extends PageTest {
    private static final String FAR = "+999999999-12-31";

    private KeeperPrincipal keeper;
    private UUID tank;

    @BeforeEach
    void aGlass() throws Exception {
        keeper = newKeeper();
        tank = tanks.add(
                keeper.id(),
                UUID.randomUUID(),
                UsualTank.of(
                        "Slip",
                        new TankShape.Box(90, 45, 45),
                        Cover.Kind.LID,
                        false,
                        Tank.Experience.SOME_YEARS,
                        Set.of()),
                HouseRules.USUAL);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "length=1e300&width=40&height=40",
                "length=100000&width=40&height=40",
                "length=NaN&width=40&height=40",
                "length=60&width=40&height=40&cover=&experience=&unit=",
                "length=60&width=40&height=40&shape=",
                "length=-5&width=40&height=40",
                "length=x&width=40&height=40"
            })
    void aGlassBeyondReasonIsNotDrawn(String query) throws Exception {
        assertThat(page(keeper, "/voyage/preview?" + query))
                .contains("Enter the inside length")
                .doesNotContain("<svg");
    }

    @Test
    void aGlassIsDrawnAsItIsMeasured() throws Exception {
        assertThat(page(keeper, "/voyage/preview?length=60&width=40&height=40"))
                .contains("<svg", "80.9", "Guessed, until you say otherwise");
    }

    @Test
    void anAnswerThatIsMissingIsAskedForBesideItsField() throws Exception {
        int before = tanks.of(keeper.id()).size();
        send(keeper, "/voyage", "name", "Cove", "length", "60", "width", "40", "cover", "")
                .andExpect(status().isUnprocessableContent());
        assertThat(tanks.of(keeper.id())).hasSize(before);
    }

    /** A day beyond all calendars would break every page of the tank. */
    @Test
    void aDayBeyondReasonIsRefusedAndTheTankStaysReadable() throws Exception {
        String stage = "/tanks/" + tank + "/voyage/stage";
        send(keeper, stage, "stage", "CYCLING", "day", FAR).andExpect(status().is4xxClientError());
        send(keeper, stage, "stage", "CYCLED", "day", "9999-12-31").andExpect(status().is4xxClientError());
        assertThat(tanks.get(keeper.id(), tank).tank().cyclingSince()).isEmpty();
        assertThat(page(keeper, "/tanks/" + tank + "/plan")).contains("Nothing is planned yet");
        assertThat(page(keeper, "/tanks/" + tank + "/log?zoom=WEEK&from=9999-12-31"))
                .contains("No fish have lived here yet");
    }

    @Test
    void aGuessIsAnsweredOnceAndWithinReason() throws Exception {
        String sharpen = "/tanks/" + tank + "/sharpen";
        send(keeper, sharpen, "guess", "SAND", "value", "400").andExpect(status().is4xxClientError());
        send(keeper, sharpen, "guess", "SAND", "value", "NaN").andExpect(status().is4xxClientError());
        assertThat(tanks.get(keeper.id(), tank).tank().guesses()).contains(Guess.SAND);
        send(keeper, sharpen, "guess", "SAND", "value", "5").andExpect(status().isFound());
        Tank after = tanks.get(keeper.id(), tank).tank();
        assertThat(after.sandDepthCm()).isEqualTo(5);
        assertThat(after.guesses()).doesNotContain(Guess.SAND).contains(Guess.ROCK);
        send(keeper, sharpen, "guess", "SAND", "value", "6").andExpect(status().is4xxClientError());
        assertThat(tanks.get(keeper.id(), tank).tank().sandDepthCm()).isEqualTo(5);
    }
}
