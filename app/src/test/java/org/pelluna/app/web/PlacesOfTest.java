package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.tank.Purpose;

class PlacesOfTest {
    private static List<Places.Place> display(String place, String title) {
        return Places.of(Purpose.Kind.DISPLAY, "/tanks/t", place, title);
    }

    @Test
    void fivePlacesInTheOrderOfThinking() {
        assertThat(display("Today", "Today"))
                .extracting(Places.Place::name)
                .containsExactly("Today", "Reef", "Plan", "Log", "Shop");
        assertThat(display("Today", "Today"))
                .extracting(Places.Place::address)
                .containsExactly("/today", "/tanks/t/reef", "/tanks/t/plan", "/tanks/t/log", "/tanks/t/shop");
    }

    @ParameterizedTest
    @CsvSource({
        "Watch, Settling, Log, Answers",
        "Watch, Watch, Log, Entry",
        "Losses, Losses, Log, Losses",
        "Losses, Survival, Log, Answers",
        "Losses, Crew, Log, Crew",
        "Arrivals, Money, Plan, Arrivals",
        "Tank, Skerry reef, Plan, Tank",
        "House rules, House rules, Plan, House rules",
        "Tank, House rules, Plan, Tank",
        "Species, Yellow tang, Shop, Species",
        "Reef, Reef, Reef, Through time",
        "Mailbox, Mailbox, Today, Mailbox"
    })
    void everyPageStandsInOnePlaceOnOneTab(String place, String title, String group, String tab) {
        assertThat(display(place, title))
                .filteredOn(Places.Place::here)
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.name()).isEqualTo(group);
                    assertThat(one.tabs())
                            .filteredOn(Places.Tab::here)
                            .singleElement()
                            .extracting(Places.Tab::name)
                            .isEqualTo(tab);
                });
    }

    /** A tank that happens to be called like a page is still the tank's page. */
    @Test
    void aBareTankHasNoReefAndNoShop() {
        assertThat(Places.of(Purpose.Kind.QUARANTINE, "/tanks/q", "Quarantine", "Quarantine"))
                .extracting(Places.Place::name)
                .containsExactly("Today", "Plan", "Log");
        assertThat(Places.of(Purpose.Kind.HOLDING, "/tanks/h", "Tank", "Shelf")
                        .get(1)
                        .tabs())
                .extracting(Places.Tab::address)
                .containsExactly("/tanks/h", "/tanks/h/company");
    }
}
