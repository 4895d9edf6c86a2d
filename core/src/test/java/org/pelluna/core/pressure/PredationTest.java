package org.pelluna.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.fish;
import static org.pelluna.core.Fixtures.species;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;

class PredationTest {
    private final Fish goby = fish("goby", species("elacatinus-oceanops"), 3, TODAY);

    @Test
    void whatFitsInTheMouthTodayIsFoodToday() {
        Fish lion = fish("lion", species("dendrochirus-zebra"), 12, TODAY);
        Predation meal = Predation.between(lion, goby, TODAY).orElseThrow();
        assertThat(meal.from()).isEqualTo(TODAY);
        assertThat(meal.largestPreyCm()).isGreaterThanOrEqualTo(meal.preyCm());
    }

    @Test
    void aYoungPredatorGrowsIntoIt() {
        Fish lion = fish("lion", species("dendrochirus-zebra"), 5, TODAY);
        Predation meal = Predation.between(lion, goby, TODAY).orElseThrow();
        assertThat(meal.from()).isAfter(TODAY);
        double theDayBefore =
                lion.species().gape().value() * lion.lengthCmOn(meal.from().minusDays(1));
        assertThat(theDayBefore).isLessThan(goby.lengthCmOn(meal.from().minusDays(1)));
    }

    /** One date was said as if it were known, though growth alone moves it by months. */
    @Test
    void theDayHasABandAndAMeasuredLengthMovesIt() {
        Fish lion = fish("lion", species("dendrochirus-zebra"), 6, TODAY);
        Predation meal = Predation.between(lion, goby, TODAY).orElseThrow();
        Fish shorter = fish("lion", species("dendrochirus-zebra"), 5, TODAY);
        Predation later = Predation.between(shorter, goby, TODAY).orElseThrow();
        assertThat(later.from()).isAfter(meal.from());
        assertThat(later.earliest()).isBefore(later.from());
        assertThat(later.latest().orElse(LocalDate.MAX)).isAfter(later.from());
        assertThat(later.when(TODAY)).contains("from about " + later.from(), "earliest " + later.earliest());
    }

    @Test
    void aGrazerSwallowsNobody() {
        Fish tang = fish("tang", species("zebrasoma-flavescens"), 17, TODAY);
        assertThat(Predation.between(tang, goby, TODAY)).isEmpty();
    }

    @Test
    void amongManyTheSoonestMealComesFirst() {
        Fish grown = fish("grown", species("dendrochirus-zebra"), 12, TODAY);
        Fish young = fish("young", species("dendrochirus-zebra"), 5, TODAY);
        assertThat(Predation.among(List.of(goby, young, grown), TODAY))
                .extracting(Predation::predatorId, Predation::preyId)
                .startsWith(tuple(new FishId("grown"), new FishId("goby")))
                .contains(tuple(new FishId("young"), new FishId("goby")))
                .doesNotContain(tuple(new FishId("goby"), new FishId("young")));
    }
}
