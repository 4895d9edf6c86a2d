package org.pelluna.core.tension;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.ArrivalAid;
import org.pelluna.core.pressure.Encounters;

/** Each way out sums what each of the others would do, with the head start, the days together and the help that the way gives it. */
class RemedyOutlookTest {
    private final ResolvedPlan stock = ResolvedPlan.of(
            new Logs(1)
                    .resident("big", "acanthurus-sohal", 400, 25)
                    .resident("tang", "zebrasoma-flavescens", 40, 14)
                    .resident("late", "chromis-viridis", 2, 6)
                    .resident("new", "zebrasoma-scopas", 5, 9)
                    .plan(),
            Fixtures.CATALOGUE);

    private final RemedyOutlook outlook = new RemedyOutlook(stock, fish("new"));

    private Fish fish(String id) {
        return stock.residents().stream()
                .filter(one -> one.id().key().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** What one would do to it, being so many days ahead of it and so many together with it. */
    private double from(String id, int ahead, int together, Set<ArrivalAid> help) {
        return Encounters.on(outlook.ground, stock)
                .again(fish(id), fish("new"), ahead, together, help)
                .perHour();
    }

    private double big(int ahead, int together, Set<ArrivalAid> help) {
        return from("big", ahead, together, help);
    }

    private double others(int more) {
        return from("tang", 35, 5 + more, Set.of()) + from("late", -3, 2 + more, Set.of());
    }

    private static void is(RemedyOutlook.Outlook found, double now, double later) {
        assertThat(found.now()).isCloseTo(now, within(1e-9));
        assertThat(found.later()).isCloseTo(later, within(1e-9));
    }

    @Test
    void asThingsAreTheDaysTogetherAreThoseSinceTheLaterOfTheTwo() {
        assertThat(outlook.bully).contains(fish("big"));
        is(
                outlook.on(outlook.ground, Set.of()),
                big(395, 5, Set.of()) + others(0),
                big(395, 26, Set.of()) + others(21));
        assertThat(outlook.on(outlook.ground, Set.of()).hardest()).isEqualTo("big");
    }

    @Test
    void theMirrorKeepsTheBullyBusyAndNobodyElse() {
        Set<ArrivalAid> mirror = EnumSet.of(ArrivalAid.MIRROR);
        is(outlook.withMirror(), big(395, 5, mirror) + others(0), big(395, 26, mirror) + others(21));
    }

    @Test
    void withoutTheBullyTheOthersGoOn() {
        is(outlook.withoutBully(), others(0), others(21));
        assertThat(outlook.withoutBully().hardest()).isEqualTo("tang");
    }

    @Test
    void theBullyComesBackAfterAFortnightOfThePeaceOfTheOthers() {
        Set<ArrivalAid> removed = EnumSet.of(ArrivalAid.AGGRESSOR_REMOVED);
        is(outlook.withBullyBackLast(), big(-14, 0, removed) + others(14), big(-14, 21, removed) + others(14));
    }

    @Test
    void rivalsThatComeBackTogetherHaveNoHeadStartAndBeginAnew() {
        assertThat(outlook.rivals()).containsExactly("tang");
        is(
                outlook.withRivals(),
                big(395, 0, Set.of()) + from("tang", 0, 0, Set.of()) + from("late", -3, 0, Set.of()),
                big(395, 21, Set.of()) + from("tang", 0, 21, Set.of()) + from("late", -3, 21, Set.of()));
    }

    @Test
    void backFromTheBoxItMeetsAllAnewWithTheirHeadStart() {
        Set<ArrivalAid> box = EnumSet.of(ArrivalAid.BOX);
        is(
                outlook.backWith(box),
                big(395, 0, box) + from("tang", 35, 0, box) + from("late", -3, 0, box),
                big(395, 21, box) + from("tang", 35, 21, box) + from("late", -3, 21, box));
    }

    @Test
    void withTheOnlyOtherGoneThereIsNobodyToName() {
        ResolvedPlan two = ResolvedPlan.of(
                new Logs(1)
                        .resident("tang", "zebrasoma-flavescens", 40, 14)
                        .resident("new", "zebrasoma-scopas", 5, 9)
                        .plan(),
                Fixtures.CATALOGUE);
        RemedyOutlook alone = new RemedyOutlook(two, two.residents().get(1));
        assertThat(alone.on(alone.ground, Set.of()).hardest()).isEqualTo("tang");
        assertThat(alone.withoutBully()).isEqualTo(new RemedyOutlook.Outlook(0, 0, ""));
    }
}
