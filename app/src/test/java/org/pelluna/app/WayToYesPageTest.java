package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;

/** A no leads to what would turn it, and one press takes it. */
class WayToYesPageTest extends PageTest {
    private final String wish = UUID.randomUUID().toString();
    private KeeperPrincipal keeper;
    private UUID tank;
    private String list;
    private String page;

    @BeforeEach
    void threeClownfishAreWishedFor() {
        keeper = newKeeper();
        Wish three = new Wish(
                new WishId(wish),
                new SpeciesId("amphiprion-ocellaris"),
                3,
                Optional.empty(),
                Optional.empty(),
                Wish.Decision.OPEN,
                Optional.empty());
        TankPlan demo = demoPlan();
        tank = tanks.add(
                keeper.id(),
                TankPlan.of(demo.asOf(), demo.tank(), demo.houseRules()).withWishes(List.of(three)));
        list = "/tanks/" + tank + "/wishes";
        page = list + "/" + wish + "/ways";
    }

    private TankPlan plan() {
        return tanks.plan(keeper.id(), tank);
    }

    @Test
    void aPressTakesTheWayAndItsUndoGivesTheWishBack() throws Exception {
        assertThat(page(keeper, list)).contains(page, "What would make it a yes?");
        assertThat(page(keeper, page)).contains("Wish for 2 only: then it is “yes", "data-way=\"fewer-2\"");
        String form = UUID.randomUUID().toString();
        send(keeper, page, "form", form, "way", "fewer-2").andExpect(redirectedUrl(list));
        assertThat(plan().wishes()).singleElement().extracting(Wish::count).isEqualTo(2);
        send(keeper, page, "form", form, "way", "fewer-2").andExpect(redirectedUrl(list));
        assertThat(page(keeper, list)).doesNotContain(page);
        assertThat(page(keeper, page)).contains("Nothing needs to change");
        send(keeper, page + "/undo/" + form).andExpect(redirectedUrl(list));
        assertThat(plan().wishes()).singleElement().extracting(Wish::count).isEqualTo(3);
    }

    @Test
    void anotherFishTakesThePlaceOfTheWish() throws Exception {
        String other = page(keeper, page).split("data-way=\"instead-", 2)[1].split("\"", 2)[0];
        String form = UUID.randomUUID().toString();
        send(keeper, page, "form", form, "way", "instead-" + other).andExpect(redirectedUrl(list));
        assertThat(plan().wishes())
                .extracting(one -> one.speciesId().key())
                .containsExactly("amphiprion-ocellaris", other);
        assertThat(plan().wishes().get(0).decision()).isEqualTo(Wish.Decision.STRUCK);
        send(keeper, page + "/undo/" + form).andExpect(redirectedUrl(list));
        assertThat(plan().wishes()).singleElement().extracting(Wish::decision).isEqualTo(Wish.Decision.OPEN);
    }

    @Test
    void whatDoesNotHelpOrIsAnothersIsRefused() throws Exception {
        String form = UUID.randomUUID().toString();
        send(keeper, page, "form", form, "way", "fewer-3").andExpect(status().isBadRequest());
        send(keeper, list + "/none/ways", "form", form, "way", "fewer-2").andExpect(status().isNotFound());
        send(newKeeper(), page, "form", form, "way", "fewer-2").andExpect(status().isNotFound());
        assertThat(plan().wishes()).singleElement().extracting(Wish::count).isEqualTo(3);
    }
}
