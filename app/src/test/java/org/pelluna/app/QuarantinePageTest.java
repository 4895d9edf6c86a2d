package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Reservation;
import org.springframework.test.web.servlet.ResultActions;

/** A quarantine tank through the pages: fish of a wish go in, one dies, the others come out; a resident is isolated and back. */
class QuarantinePageTest extends PageTest {
    private static final WishId DWARVES = new WishId("dwarves");

    private KeeperPrincipal keeper;
    private UUID reef;
    private UUID bare;

    @BeforeEach
    void aReefAndAQuarantineTank() throws Exception {
        keeper = newKeeper();
        TankPlan demo = demoPlan();
        Wish three = demo.wishes()
                .get(0)
                .with(as -> as.id(DWARVES)
                        .speciesId(new SpeciesId("centropyge-loriculus"))
                        .count(3)
                        .price(java.util.Optional.of(150.0))
                        .lengthCm(java.util.Optional.empty())
                        .decision(Wish.Decision.IN));
        reef = tanks.add(keeper.id(), demo.withWishes(List.of(three)));
        bare = quarantineTank("The side room");
        assertThat(tanks.get(keeper.id(), bare).kind()).isEqualTo(Purpose.Kind.QUARANTINE);
    }

    private UUID quarantineTank(String name) throws Exception {
        return bareTank("QUARANTINE", name);
    }

    private UUID bareTank(String kind, String name) throws Exception {
        String added = pages.perform(post(keeper, "/tanks/new")
                        .param("key", UUID.randomUUID().toString())
                        .param("kind", kind)
                        .param("name", name)
                        .param("places", "4")
                        .param("compartments", "2")
                        .param("shape", "BOX")
                        .param("length", "70")
                        .param("width", "40")
                        .param("height", "40")
                        .param("belowRim", "4")
                        .param("cover", "LID")
                        .param("experience", "SOME_YEARS")
                        .param("temperature", "25.5")
                        .param("specificGravity", "1.022"))
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        return UUID.fromString(added.substring("/tanks/".length()));
    }

    private TankPlan plan(UUID tank) {
        return tanks.plan(keeper.id(), tank);
    }

    private String page(String path) throws Exception {
        return page(keeper, path);
    }

    private ResultActions send(String path, String... fields) throws Exception {
        return send(keeper, path, fields);
    }

    private String buy(int count) throws Exception {
        String form = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            send(
                            "/tanks/" + reef + "/arrivals/dwarves/into-quarantine",
                            "form",
                            form,
                            "into",
                            bare.toString(),
                            "on",
                            plan(reef).asOf().minusDays(4).toString(),
                            "count",
                            String.valueOf(count),
                            "length",
                            "6",
                            "name",
                            "Ember")
                    .andExpect(redirectedUrl("/tanks/" + reef + "/arrivals"));
        }
        return form;
    }

    @Test
    void theFishOfAWishGoInAndTheirDaysAreThoseOfTheHouse() throws Exception {
        TankPlan before = plan(reef);
        String form = buy(3);
        List<Resident> guests = plan(bare).residents();
        assertThat(guests).extracting(Resident::name).containsExactly("Ember 1", "Ember 2", "Ember 3");
        assertThat(plan(bare).observations().phases())
                .extracting(Phase::kind)
                .containsExactly(plan(reef).houseRules().approaches().quarantine().parts().stream()
                        .map(one -> one.kind())
                        .toArray(Phase.Kind[]::new));
        assertThat(plan(reef).schedule().outOfQuarantine(DWARVES))
                .contains(plan(bare).observations().phases().get(0).until());
        assertThat(page("/tanks/" + bare + "/quarantine"))
                .contains(
                        "3 fish: observation until",
                        "Ember 2",
                        "day 5",
                        "for " + plan(reef).tank().name());
        assertThat(page("/tanks/" + reef + "/arrivals")).contains("It has been in quarantine since");
        for (String path : List.of("", "/water", "/watch", "/watch/roll-call", "/watch/signs", "/losses")) {
            assertThat(page("/tanks/" + bare + path)).contains("The side room");
        }
        send("/tanks/" + reef + "/moves/" + form + "/undo").andExpect(status().is3xxRedirection());
        assertThat(plan(reef).withLog(List.of())).isEqualTo(before.withLog(List.of()));
        assertThat(plan(bare).residents()).isEmpty();
        assertThat(plan(bare).observations().phases()).isEmpty();
    }

    @Test
    void oneOfThreeDiesInItAndTheWishIsForTwo() throws Exception {
        buy(3);
        TankPlan before = plan(reef);
        String fish = plan(bare).residents().get(1).id().key();
        String loss = UUID.randomUUID().toString();
        send(
                        "/tanks/" + bare + "/losses",
                        "key",
                        loss,
                        "fish",
                        fish,
                        "on",
                        plan(bare).asOf().toString(),
                        "cause",
                        "DISEASE",
                        "certainty",
                        "LIKELY",
                        "price",
                        "50")
                .andExpect(status().is3xxRedirection());
        assertThat(plan(bare).losses()).hasSize(1);
        assertThat(plan(reef).wishes().get(0).count()).isEqualTo(2);
        assertThat(page("/tanks/" + reef + "/losses")).contains("in quarantine on");
        send("/tanks/" + bare + "/losses/" + loss + "/remove").andExpect(status().is3xxRedirection());
        assertThat(plan(reef)).isEqualTo(before);
        send("/tanks/" + bare + "/losses/" + loss + "/restore").andExpect(status().is3xxRedirection());
        assertThat(plan(reef).wishes().get(0).count()).isEqualTo(2);
    }

    @Test
    void theyComeOutAsTheArrivalOfTheirWishAndUndoingTheArrivalPutsThemBack() throws Exception {
        buy(3);
        TankPlan reefBefore = plan(reef);
        TankPlan bareBefore = plan(bare);
        List<String> two = bareBefore.residents().stream()
                .limit(2)
                .map(one -> one.id().key())
                .toList();
        String form = UUID.randomUUID().toString();
        send(
                        "/tanks/" + bare + "/quarantine/out",
                        "form",
                        form,
                        "fish",
                        two.get(0),
                        "fish",
                        two.get(1),
                        "into",
                        reef.toString(),
                        "on",
                        plan(bare).asOf().toString())
                .andExpect(redirectedUrl("/tanks/" + bare + "/quarantine"));
        assertThat(plan(reef).residents()).extracting(Resident::name).contains("Ember 1", "Ember 2");
        assertThat(plan(reef).wishes().get(0).count()).isEqualTo(1);
        assertThat(page("/tanks/" + bare + "/quarantine")).contains("1 fish:").doesNotContain("fish-" + two.get(0));
        String old = "/tanks/" + bare + "/fish/" + two.get(0);
        assertThat(page(old)).contains(plan(reef).tank().name());
        send("/tanks/" + reef + "/arrivals/dwarves/undo").andExpect(status().is3xxRedirection());
        assertThat(plan(reef)).isEqualTo(reefBefore);
        assertThat(plan(bare)).isEqualTo(bareBefore);
    }

    @Test
    void theArrivalOfFishInQuarantineIsNotNotedPastThem() throws Exception {
        buy(3);
        send(
                        "/tanks/" + reef + "/arrivals/dwarves/done",
                        "on",
                        plan(reef).asOf().toString(),
                        "length",
                        "6")
                .andExpect(status().isBadRequest());
        assertThat(plan(bare).residents()).hasSize(3);
    }

    @Test
    void twoOfThreeAreBoughtAndTheThirdStaysAWish() throws Exception {
        buy(2);
        assertThat(plan(reef).wishes()).extracting(Wish::count).containsExactly(2, 1);
        assertThat(plan(reef).schedule().inQuarantine()).containsOnlyKeys(DWARVES);
    }

    @Test
    void aResidentIsIsolatedAndComesBackAsTheOneThatWasOut() throws Exception {
        TankPlan before = plan(reef);
        String form = UUID.randomUUID().toString();
        send(
                        "/tanks/" + reef + "/fish/gale/isolate",
                        "form",
                        form,
                        "into",
                        bare.toString(),
                        "on",
                        plan(reef).asOf().minusDays(2).toString(),
                        "note",
                        "harries all")
                .andExpect(redirectedUrl("/tanks/" + reef + "/fish/gale"));
        assertThat(fish(plan(reef), "gale").livesHere(plan(reef).asOf())).isFalse();
        Resident guest = plan(bare).residents().get(0);
        assertThat(guest.name()).isEqualTo("Gale");
        assertThat(page("/tanks/" + bare + "/quarantine")).contains("back to it");
        TankPlan isolated = plan(reef);
        String back = UUID.randomUUID().toString();
        send(
                        "/tanks/" + bare + "/quarantine/out",
                        "form",
                        back,
                        "fish",
                        guest.id().key(),
                        "into",
                        reef.toString(),
                        "on",
                        plan(bare).asOf().toString())
                .andExpect(status().is3xxRedirection());
        assertThat(fish(plan(reef), "gale").livesHere(plan(reef).asOf())).isTrue();
        assertThat(plan(reef).residents()).hasSameSizeAs(before.residents());
        send("/tanks/" + bare + "/moves/" + back + "/undo").andExpect(status().is3xxRedirection());
        assertThat(plan(reef)).isEqualTo(isolated);
        send("/tanks/" + bare + "/moves/" + form + "/undo").andExpect(status().is3xxRedirection());
        assertThat(plan(reef)).isEqualTo(before);
    }

    @Test
    void partsAreLaidDownBegunAgainAndTakenBack() throws Exception {
        String day = plan(bare).asOf().toString();
        String form = UUID.randomUUID().toString();
        send("/tanks/" + bare + "/quarantine/parts", "form", form, "kind", "COPPER", "from", day, "days", "14")
                .andExpect(status().is3xxRedirection());
        send(
                "/tanks/" + bare + "/quarantine/parts",
                "form",
                UUID.randomUUID().toString(),
                "kind",
                "OBSERVATION",
                "from",
                plan(bare).asOf().plusDays(14).toString(),
                "days",
                "10");
        String again = UUID.randomUUID().toString();
        send(
                        "/tanks/" + bare + "/quarantine/again",
                        "form",
                        again,
                        "on",
                        plan(bare).asOf().plusDays(5).toString(),
                        "why",
                        "white spots")
                .andExpect(status().is3xxRedirection());
        assertThat(plan(bare).observations().phases()).hasSize(3);
        assertThat(page("/tanks/" + bare + "/quarantine"))
                .contains("stopped on", "white spots", "Measure the copper every day");
        send("/tanks/" + bare + "/quarantine/undo/" + again).andExpect(status().is3xxRedirection());
        assertThat(plan(bare).observations().phases()).hasSize(2);
        send("/tanks/" + bare + "/quarantine/parts", "form", form, "kind", "COPPER", "from", day, "days", "0")
                .andExpect(status().is3xxRedirection());
        send(
                        "/tanks/" + bare + "/quarantine/parts",
                        "form",
                        UUID.randomUUID().toString(),
                        "kind",
                        "COPPER",
                        "from",
                        day,
                        "days",
                        "0")
                .andExpect(status().isBadRequest());
    }

    @Test
    void aStrangersTankIsNoPlaceToMoveTo() throws Exception {
        KeeperPrincipal other = newKeeper();
        UUID theirs = tanks.add(other.id(), demoPlan());
        send(
                        "/tanks/" + reef + "/fish/gale/move",
                        "form",
                        UUID.randomUUID().toString(),
                        "into",
                        theirs.toString(),
                        "on",
                        plan(reef).asOf().toString())
                .andExpect(status().isNotFound());
        assertThat(tanks.plan(other.id(), theirs).residents())
                .hasSameSizeAs(demoPlan().residents());
    }

    @Test
    void theFishOfATankMoveIntoALargerOneInTheOrderSaid() throws Exception {
        UUID larger = tanks.add(
                keeper.id(),
                TankPlan.of(
                        plan(reef).asOf(),
                        demoPlan().tank().withName("The long one"),
                        demoPlan().houseRules()));
        assertThat(page("/tanks/" + reef + "/move?into=" + larger))
                .contains("Move its fish into The long one", "Gale", "from ");
        TankPlan before = plan(reef);
        String form = UUID.randomUUID().toString();
        send(
                        "/tanks/" + reef + "/move",
                        "form",
                        form,
                        "fish",
                        "gale",
                        "into",
                        larger.toString(),
                        "on",
                        plan(reef).asOf().toString())
                .andExpect(redirectedUrl("/tanks/" + reef + "/move?into=" + larger));
        assertThat(plan(larger).residents()).extracting(Resident::name).containsExactly("Gale");
        assertThat(plan(larger).log()).hasSize(1);
        assertThat(fish(plan(reef), "gale").leftOn()).contains(plan(reef).asOf());
        send("/tanks/" + larger + "/moves/" + form + "/undo").andExpect(status().is3xxRedirection());
        assertThat(plan(reef)).isEqualTo(before);
        assertThat(plan(larger).residents()).isEmpty();
    }

    /** A fish of a species that its keeper has added brings the species along; the other tank's pages go on. */
    @Test
    void aFishOfAnOwnSpeciesBringsItsSpeciesAlongAndNobodyMovesTwice() throws Exception {
        OwnSpecies basslet = new OwnSpecies(
                new SpeciesId("own-gramma-dejongi"),
                "Gramma dejongi",
                "Golden basslet",
                new SpeciesId("gramma-loreto"),
                7,
                5,
                130,
                70,
                0.12,
                1,
                java.util.Map.of(),
                "a trader's sheet");
        TankPlan demo = demoPlan();
        UUID old = tanks.add(
                keeper.id(),
                demo.withOwnSpecies(List.of(basslet))
                        .withResidents(demo.residents().stream()
                                .map(one -> one.id().key().equals("plum") ? one.withSpeciesId(basslet.id()) : one)
                                .toList()));
        TankPlan before = plan(reef);
        String form = UUID.randomUUID().toString();
        String day = plan(old).asOf().toString();
        send("/tanks/" + old + "/fish/plum/move", "form", form, "into", reef.toString(), "on", day)
                .andExpect(redirectedUrl("/tanks/" + old + "/fish/plum"));
        for (String path : List.of("", "/company", "/arrivals", "/reef")) {
            page("/tanks/" + reef + path);
        }
        assertThat(page("/tanks/" + reef)).contains("Golden basslet");
        send(
                        "/tanks/" + old + "/fish/plum/move",
                        "form",
                        UUID.randomUUID().toString(),
                        "into",
                        reef.toString(),
                        "on",
                        plan(old).asOf().minusDays(1).toString())
                .andExpect(status().isBadRequest());
        send("/tanks/" + reef + "/moves/" + form + "/undo").andExpect(status().is3xxRedirection());
        assertThat(plan(reef)).isEqualTo(before);
        assertThat(fish(plan(old), "plum").leftOn()).isEmpty();
    }

    @Test
    void daysKeptForOneTankMakeTheOtherWait() throws Exception {
        UUID other = tanks.add(
                keeper.id(), plan(reef).with(as -> as.tank(plan(reef).tank().withName("The other"))));
        LocalDate before = comes(other);
        assertThat(page("/tanks/" + bare + "/quarantine")).contains("keep them for one, and the other waits");
        String form = UUID.randomUUID().toString();
        for (int i = 0; i < 2; i++) {
            send(
                            "/tanks/" + bare + "/quarantine/reserve",
                            "form",
                            form,
                            "display",
                            reef.toString(),
                            "wish",
                            DWARVES.key())
                    .andExpect(redirectedUrl("/tanks/" + bare + "/quarantine"));
        }
        assertThat(plan(bare).observations().reservations()).hasSize(1);
        LocalDate until = plan(bare).observations().reservations().get(0).until();
        assertThat(comes(other)).isAfter(before).isAfter(until);
        assertThat(comes(reef)).isEqualTo(until);
        assertThat(page("/tanks/" + bare + "/quarantine"))
                .contains("These days are kept for it.")
                .doesNotContain("keep them for one, and the other waits");
        send("/tanks/" + reef + "/quarantine/reserve", "form", form, "display", reef.toString(), "wish", DWARVES.key())
                .andExpect(status().isNotFound());
        String again = UUID.randomUUID().toString();
        send(
                "/tanks/" + bare + "/quarantine/reserve",
                "form",
                again,
                "display",
                reef.toString(),
                "wish",
                DWARVES.key());
        send("/tanks/" + bare + "/quarantine/reserve/" + again + "/undo?before=" + form)
                .andExpect(status().is3xxRedirection());
        assertThat(plan(bare).observations().reservations())
                .as("taking back what was kept anew keeps what was kept before")
                .extracting(Reservation::id)
                .containsExactly(form);
        send("/tanks/" + reef + "/wishes/dwarves/remove").andExpect(status().is3xxRedirection());
        assertThat(page("/tanks/" + bare + "/quarantine"))
                .as("days kept for nobody can still be given up")
                .contains("No plan needs this stay any more", "Cancel reservation");
        send("/tanks/" + bare + "/watch/items/" + form + "/remove").andExpect(status().is3xxRedirection());
        assertThat(comes(other)).isEqualTo(before);
    }

    /** Of several the one that is free soonest serves a plan, and the page says that it is one. */
    @Test
    void ofTwoQuarantineTanksTheOneThatIsFreeServes() throws Exception {
        UUID other = tanks.add(
                keeper.id(), plan(reef).with(as -> as.tank(plan(reef).tank().withName("The other"))));
        LocalDate before = comes(other);
        send(
                "/tanks/" + bare + "/quarantine/reserve",
                "form",
                UUID.randomUUID().toString(),
                "display",
                reef.toString(),
                "wish",
                DWARVES.key());
        assertThat(comes(other)).isAfter(before);
        assertThat(page("/tanks/" + bare + "/quarantine")).doesNotContain("more than one quarantine tank");
        quarantineTank("The back room");
        assertThat(comes(other)).isEqualTo(before);
        assertThat(page("/tanks/" + bare + "/quarantine")).contains("more than one quarantine tank");
    }

    /** What waits for whoever takes it is kept apart as well. */
    @Test
    void aHoldingTankSaysWhoWantsACompartment() throws Exception {
        UUID rack = bareTank("HOLDING", "The rack");
        assertThat(page("/tanks/" + rack))
                .contains("Enter the fish that are in it already")
                .doesNotContain("see rivals");
        List<Resident> three = new ArrayList<>();
        for (String kind : List.of("zebrasoma-flavescens", "zebrasoma-xanthurum", "zebrasoma-scopas")) {
            three.add(new Resident(
                    new FishId(kind), new SpeciesId(kind), kind, plan(rack).asOf(), 8, java.util.Optional.empty()));
        }
        UUID full = tanks.add(keeper.id(), plan(rack).with(as -> as.residents(three)));
        assertThat(page("/tanks/" + full)).contains("they need 3 compartments; it has 2.");
    }

    private LocalDate comes(UUID tank) {
        return Assessment.of(plan(tank), catalogue).order().arrivals().get(0).date();
    }
}
