package org.pelluna.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
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

    @Test
    void thereAreAtMostThirteenTabs() {
        assertThat(List.of("Today", "Reef", "Plan", "Watch", "Species"))
                .flatExtracting(place -> display(place, place).stream()
                        .flatMap(one -> one.tabs().stream())
                        .toList())
                .hasSize(13);
    }

    @ParameterizedTest
    @CsvSource({
        "Watch, Settling, Log, Answers, Answers",
        "Watch, Watch, Log, Add, Add",
        "Losses, Losses, Log, Add, Losses",
        "Losses, Survival, Log, Answers, Answers",
        "Losses, Crew, Log, Add, Crew",
        "Arrivals, Money, Plan, Plan, Arrivals",
        "Tank, Skerry reef, Plan, Tank, Tank",
        "House rules, House rules, Plan, Tank, House rules",
        "Tank, House rules, Plan, Tank, Tank",
        "Species, Yellow tang, Shop, Species, Species",
        "Reef, Reef, Reef, Through time, Through time",
        "Mailbox, Mailbox, Today, Today, Mailbox"
    })
    void everyPageStandsInOnePlaceUnderOneTab(String place, String title, String group, String tab, String page) {
        assertThat(display(place, title))
                .filteredOn(Places.Place::here)
                .singleElement()
                .satisfies(one -> {
                    assertThat(one.name()).isEqualTo(group);
                    List<Places.Tab> within =
                            one.tabs().stream().filter(Places.Tab::within).toList();
                    assertThat(within).extracting(Places.Tab::name).containsExactly(tab);
                    assertThat(Stream.concat(within.stream(), within.get(0).parts().stream()))
                            .filteredOn(Places.Tab::here)
                            .singleElement()
                            .extracting(Places.Tab::name)
                            .isEqualTo(page);
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
