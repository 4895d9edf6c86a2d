package org.pelluna.core.reef;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.forecast.WaterForecast.PlannedFish;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.FishHappening;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;

class ReefTest {
    private static final LocalDate TODAY = Fixtures.TODAY;

    private static Reef reef(Tank tank, List<Resident> residents, PlannedFish... coming) {
        return new Reef(ResolvedPlan.of(Fixtures.plan(tank, residents), Fixtures.CATALOGUE), List.of(coming));
    }

    private static Resident left(String id, String species, int cameAgo, int leftAgo) {
        return new Resident(
                new FishId(id),
                new SpeciesId(species),
                id,
                TODAY.minusDays(cameAgo),
                4,
                Optional.of(TODAY.minusDays(leftAgo)));
    }

    private static FishOnDay on(Reef reef, String id, LocalDate day) {
        return reef.swimmers(day).stream()
                .filter(one -> one.fish().id().key().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyFishIsToComeHereOrGoneByTheDayAndAsLongAsItIsThen() {
        Fish goby = Fixtures.fish("w", Fixtures.species("elacatinus-oceanops"), 3, TODAY.plusDays(30));
        Reef reef = reef(
                Fixtures.reef(),
                List.of(Fixtures.resident("plum", "gramma-loreto", 100, 4), left("ember", "gramma-loreto", 200, 50)),
                new PlannedFish(TODAY.plusDays(30), List.of(goby, goby)));
        assertThat(reef.begin()).isEqualTo(TODAY.minusDays(200));
        assertThat(reef.end()).isEqualTo(TODAY.plusDays(30).plusYears(5));
        assertThat(on(reef, "ember", TODAY.minusDays(51)).presence()).isEqualTo(FishOnDay.Presence.HERE);
        assertThat(on(reef, "ember", TODAY.minusDays(50)).presence()).isEqualTo(FishOnDay.Presence.GONE);
        assertThat(on(reef, "plum", TODAY.minusDays(101)).presence()).isEqualTo(FishOnDay.Presence.TO_COME);
        FishOnDay plum = on(reef, "plum", TODAY.plusYears(1));
        assertThat(plum.lengthCm())
                .isEqualTo(plum.fish().lengthCmOn(TODAY.plusYears(1)))
                .isGreaterThan(4);
        assertThat(on(reef, "w", TODAY.plusDays(29)).presence()).isEqualTo(FishOnDay.Presence.TO_COME);
        assertThat(on(reef, "w-2", TODAY.plusDays(30)).presence()).isEqualTo(FishOnDay.Presence.HERE);
        assertThat(reef.pressures(TODAY)).isEmpty();
        assertThat(reef.pressures(TODAY.plusDays(30))).hasSize(6);
        assertThat(reef.pressures(TODAY.minusDays(70))).hasSize(2);
    }

    @Test
    void theMarksTellWhatChangesAndFindingsHoldFromThenOn() {
        Tank small = new Fixtures.TankBuilder()
                .shape(new TankShape.Box(90, 45, 45))
                .water(WaterSpace.usual(3, 10, 0))
                .build();
        Reef reef = reef(
                small,
                List.of(
                        Fixtures.resident("sail", "zebrasoma-flavescens", 60, 6),
                        left("ember", "gramma-loreto", 200, 50)));
        assertThat(reef.marks())
                .extracting(ReefEvent::kind)
                .containsSubsequence(ReefEvent.Kind.ARRIVAL, ReefEvent.Kind.LOSS)
                .contains(ReefEvent.Kind.OUTGROWN);
        ReefEvent outgrown = reef.marks().stream()
                .filter(mark -> mark.kind() == ReefEvent.Kind.OUTGROWN)
                .findFirst()
                .orElseThrow();
        assertThat(reef.findings(outgrown.on().minusDays(1))).isEmpty();
        assertThat(reef.findings(outgrown.on())).containsExactly(outgrown.finding());
        assertThat(reef.marks()).isSortedAccordingTo(java.util.Comparator.comparing(ReefEvent::on));
    }

    @Test
    void headroomGoesDownAsFishComeAndIsTheDays() {
        Fish tang = Fixtures.fish("t", Fixtures.species("zebrasoma-flavescens"), 8, TODAY.plusDays(10));
        Reef reef = reef(
                Fixtures.reef(),
                List.of(Fixtures.resident("plum", "gramma-loreto", 100, 4)),
                new PlannedFish(TODAY.plusDays(10), List.of(tang)));
        double before = reef.headroom(TODAY).grown().get(0).used();
        double after = reef.headroom(TODAY.plusDays(10)).grown().get(0).used();
        assertThat(after).isGreaterThan(before);
    }

    @Test
    void anEmptyTankHasAYearToLookAt() {
        Reef reef = reef(Fixtures.reef(), List.of());
        assertThat(reef.begin()).isEqualTo(TODAY);
        assertThat(reef.end()).isEqualTo(TODAY.plusYears(1));
        assertThat(reef.swimmers(TODAY)).isEmpty();
        assertThat(reef.patches(TODAY).all()).isEmpty();
    }

    /** A fish that was out for a time has two stays and is still one fish, on any day. */
    @Test
    void aFishThatWasOutIsOneFishAndItsAbsenceIsMarked() {
        Resident gale = Fixtures.resident("gale", "chrysiptera-parasema", 100, 4);
        Absence out = new Absence(
                "out",
                TODAY.minusDays(40),
                Optional.of(TODAY.minusDays(30)),
                Absence.Place.QUARANTINE,
                Optional.empty());
        TankPlan plan = new FishHappening.TakenOut(gale.id(), out)
                .applyTo(Fixtures.plan(Fixtures.reef(), List.of(gale, left("ember", "gramma-loreto", 200, 50))));
        Reef reef = new Reef(ResolvedPlan.of(plan, Fixtures.CATALOGUE), List.of());
        for (int ago = 210; ago >= 0; ago -= 5) {
            assertThat(reef.swimmers(TODAY.minusDays(ago)))
                    .extracting(one -> one.fish().id().key())
                    .containsExactlyInAnyOrder("gale", "ember");
        }
        assertThat(on(reef, "gale", TODAY.minusDays(120)).presence()).isEqualTo(FishOnDay.Presence.TO_COME);
        assertThat(on(reef, "gale", TODAY.minusDays(60)).presence()).isEqualTo(FishOnDay.Presence.HERE);
        assertThat(on(reef, "gale", TODAY.minusDays(35)).presence()).isEqualTo(FishOnDay.Presence.TO_COME);
        assertThat(on(reef, "gale", TODAY).presence()).isEqualTo(FishOnDay.Presence.HERE);
        assertThat(reef.marks())
                .extracting(ReefEvent::words)
                .contains("gale arrived", "gale is taken out", "gale is back", "ember left");
    }
}
