package org.pelluna.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;
import static org.pelluna.core.Fixtures.TODAY;
import static org.pelluna.core.Fixtures.kept;
import static org.pelluna.core.Fixtures.plan;
import static org.pelluna.core.Fixtures.resident;
import static org.pelluna.core.Fixtures.wish;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.Fixtures.TankBuilder;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.shortlist.Judgement;
import org.pelluna.core.shortlist.Verdict;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.Sign;

/** Whole plans judged as a keeper of some years would. All common practice; the comments say why. */
class PlanJudgementTest {
    private static Assessment judged(Tank tank, List<Resident> residents, Wish... wishes) {
        return Assessment.of(plan(tank, HouseRules.USUAL, residents, List.of(wishes)), CATALOGUE);
    }

    private static Judgement of(Assessment assessment, String species) {
        return assessment.judgements().stream()
                .filter(one -> one.wished().species().id().key().equals(species))
                .findFirst()
                .orElseThrow();
    }

    private static List<String> order(Assessment assessment) {
        return assessment.order().arrivals().stream()
                .flatMap(one -> one.wishIds().stream())
                .map(one -> one.key().substring("wish-".length()))
                .toList();
    }

    private static Tank large() {
        return new TankBuilder()
                .shape(new TankShape.Box(240, 80, 75))
                .water(WaterSpace.usual(4, 120, 250))
                .build();
    }

    private static Tank medium() {
        return new TankBuilder()
                .shape(new TankShape.Box(190, 65, 62))
                .water(WaterSpace.usual(4, 40, 60))
                .build();
    }

    /** Who comes first and who last, by rules of the house and by temper. */
    @ParameterizedTest(name = "{0}: first {1}, last {2}")
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "pseudocheilinus-hexataenia gramma-loreto elacatinus-oceanops | - | pseudocheilinus-hexataenia",
                "pictichromis-paccagnella assessor-macneilli cryptocentrus-cinctus | - | pictichromis-paccagnella",
                "amphiprion-ocellaris gramma-loreto chrysiptera-cyanea | amphiprion-ocellaris | chrysiptera-cyanea",
                "chromis-viridis amphiprion-ocellaris salarias-fasciatus | amphiprion-ocellaris | -",
                "stegastes-planifrons elacatinus-oceanops gramma-loreto | - | stegastes-planifrons",
                "dascyllus-melanurus synchiropus-splendidus halichoeres-chrysus | - | dascyllus-melanurus",
                "amphiprion-frenatus gramma-loreto cryptocentrus-cinctus | - | amphiprion-frenatus",
                "acanthurus-leucosternon halichoeres-chrysus elacatinus-oceanops | - | acanthurus-leucosternon"
            })
    void eachHasItsTurn(String wishes, String first, String last) {
        Assessment said = judged(
                large(),
                List.of(),
                List.of(wishes.split(" ")).stream().map(Fixtures::wish).toArray(Wish[]::new));
        if (first != null) {
            assertThat(order(said)).first().isEqualTo(first);
        }
        if (last != null) {
            assertThat(order(said)).last().isEqualTo(last);
        }
    }

    /** Two wishes that cannot live together: the one that eats or fights is the no, and says for whom. */
    @ParameterizedTest(name = "of {0} and {1} the second may not come")
    @CsvSource({
        "ecsenius-bicolor, pterois-volitans",
        "gramma-loreto, antennarius-pictus",
        "amphiprion-ocellaris, amphiprion-clarkii",
        "amphiprion-perideraion, amphiprion-frenatus",
        "elacatinus-oceanops, dendrochirus-zebra"
    })
    void oneOfTwoThatCannotLiveTogetherIsANo(String stays, String goes) {
        for (Wish[] wishes : new Wish[][] {{wish(stays), wish(goes)}, {wish(goes), wish(stays)}}) {
            Assessment said = judged(medium(), List.of(), wishes);
            assertThat(of(said, stays).verdict()).isNotEqualTo(Verdict.OUT);
            assertThat(of(said, goes).verdict()).isEqualTo(Verdict.OUT);
            assertThat(order(said)).containsExactly(stays);
            assertThat(of(said, goes)
                            .deciding()
                            .orElseThrow()
                            .remedy()
                            .orElseThrow()
                            .toString())
                    .contains("drop " + Fixtures.species(stays).commonName());
        }
        // What the keeper has decided to keep stays, and the other is the no.
        Assessment decided = judged(medium(), List.of(), wish(stays), kept(goes));
        assertThat(order(decided)).containsExactly(goes);
        assertThat(of(decided, stays).verdict()).isEqualTo(Verdict.OUT);
    }

    /** Six wishes that would each fit, and do not fit together: as many as fit have a date, and each other one says whom it would replace. */
    @Test
    void theLimitHoldsForAllWishesTogether() {
        Tank small = new TankBuilder()
                .shape(new TankShape.Box(75, 45, 45))
                .water(WaterSpace.usual(3, 10, 0))
                .build();
        Assessment said = judged(
                small,
                List.of(),
                wish("gramma-loreto"),
                wish("cryptocentrus-cinctus"),
                wish("assessor-macneilli"),
                wish("ecsenius-midas"),
                wish("nemateleotris-magnifica"),
                wish("elacatinus-oceanops"));
        assertThat(said.order().arrivals()).isNotEmpty().noneMatch(one -> one.overHeadroom());
        List<Judgement> out = said.judgements().stream()
                .filter(one -> one.verdict() == Verdict.OUT)
                .toList();
        assertThat(out).isNotEmpty().hasSizeLessThan(6);
        assertThat(out).allSatisfy(one -> {
            Finding why = one.deciding().orElseThrow();
            assertThat(why.sentence()).startsWith("No room beside your other wishes");
            assertThat(why.remedy().orElseThrow().toString()).startsWith("It can come");
        });
    }

    /** A surgeonfish into a tank where its own kind is settled: a no, and what would turn it. */
    @Test
    void tooManyAttacksAreANoThatSaysWhatWouldTurnIt() {
        Assessment said = judged(
                large(),
                List.of(
                        resident("Flint", "zebrasoma-xanthurum", 900, 17),
                        resident("Marl", "zebrasoma-scopas", 900, 15),
                        resident("Chert", "zebrasoma-flavescens", 900, 15)),
                wish("zebrasoma-gemmatum"));
        Finding why = of(said, "zebrasoma-gemmatum").deciding().orElseThrow();
        assertThat(why.rule()).isEqualTo("pressure");
        assertThat(why.sentence())
                .startsWith("Too many attacks: expect about ")
                .contains("even with an acclimation box");
        assertThat(why.remedy().orElseThrow().toString())
                .startsWith("It can come if you ")
                .contains("an hour)");
        assertThat(said.order().arrivals()).isEmpty();
        // Decided against the no, it is dated, and the no stays beside it.
        Assessment decided = judged(
                large(),
                List.of(
                        resident("Flint", "zebrasoma-xanthurum", 900, 17),
                        resident("Marl", "zebrasoma-scopas", 900, 15),
                        resident("Chert", "zebrasoma-flavescens", 900, 15)),
                kept("zebrasoma-gemmatum"));
        assertThat(decided.order().arrivals()).hasSize(1);
        assertThat(of(decided, "zebrasoma-gemmatum").verdict()).isEqualTo(Verdict.OUT);
    }

    private static TankPlan quiet() {
        return plan(
                Fixtures.reef(),
                HouseRules.USUAL,
                List.of(resident("Quill", "gramma-loreto", 400, 7), resident("Wisp", "cryptocentrus-cinctus", 400, 8)),
                List.of(wish("elacatinus-oceanops")));
    }

    private static Verdict verdict(TankPlan plan) {
        return Assessment.of(plan, CATALOGUE).judgements().get(0).verdict();
    }

    @Test
    void whatWasRecordedDecides() {
        assertThat(verdict(quiet())).isIn(Verdict.IN, Verdict.WITH_CARE);
        TankPlan spots = quiet().with(as -> as.observations(quiet().observations()
                .with(seen -> seen.signs(List.of(new Sign(
                        "s",
                        TODAY.minusDays(1).atTime(18, 0),
                        new FishId("Quill"),
                        Sign.Kind.WHITE_SPOTS,
                        Optional.empty(),
                        Optional.empty()))))));
        Assessment afterSpots = Assessment.of(spots, CATALOGUE);
        assertThat(afterSpots.order().arrivals().get(0).date()).isEqualTo(TODAY.plusDays(41));
        assertThat(ResidentVerdict.all(afterSpots.stock()).get(0).standing()).isEqualTo(Standing.ACT);
        TankPlan hot =
                quiet().with(as -> as.waterTests(List.of(new WaterTest("t", TODAY, WaterTest.Kind.TEMPERATURE, 31))));
        assertThat(verdict(hot)).isEqualTo(Verdict.LATER);
        TankPlan dirty =
                quiet().with(as -> as.waterTests(List.of(new WaterTest("t", TODAY, WaterTest.Kind.NITRATE, 80))));
        assertThat(verdict(dirty)).isEqualTo(Verdict.LATER);
        TankPlan fine = quiet().with(as -> as.waterTests(List.of(
                new WaterTest("t", TODAY.minusDays(3), WaterTest.Kind.TEMPERATURE, 31),
                new WaterTest("u", TODAY, WaterTest.Kind.TEMPERATURE, 25.5))));
        assertThat(verdict(fine)).isEqualTo(verdict(quiet()));
    }

    @Test
    void aKillerIsToldAndASimilarFishIsANo() {
        Resident victim = new Resident(
                new FishId("Moth"),
                new org.pelluna.core.id.SpeciesId("ecsenius-bicolor"),
                "Moth",
                TODAY.minusDays(60),
                5,
                Optional.of(TODAY.minusDays(20)));
        TankPlan killed = plan(
                        Fixtures.reef(),
                        HouseRules.USUAL,
                        List.of(resident("Quill", "salarias-fasciatus", 400, 12), victim),
                        List.of(wish("ecsenius-midas"), wish("gramma-loreto")))
                .with(as -> as.losses(List.of(new Loss(
                        "l",
                        new FishId("Moth"),
                        TODAY.minusDays(20),
                        Loss.Cause.AGGRESSION,
                        Loss.Certainty.SEEN,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(new FishId("Quill"))))));
        Assessment said = Assessment.of(killed, CATALOGUE);
        assertThat(of(said, "ecsenius-midas").verdict()).isEqualTo(Verdict.OUT);
        assertThat(of(said, "ecsenius-midas").deciding().orElseThrow().sentence())
                .contains("Quill killed Moth");
        assertThat(of(said, "gramma-loreto").verdict()).isEqualTo(Verdict.WITH_CARE);
        assertThat(ResidentVerdict.firstAct(ResidentVerdict.all(said.stock())).orElseThrow())
                .contains("Quill killed Moth", "Find Quill a new home");
    }

    @Test
    void afterAPinningTheFirstStepIsToPartTheTwo() {
        TankPlan pinned = quiet().with(as -> as.log(List.of(new LogEntry(
                "e",
                TODAY.minusDays(1).atTime(19, 0),
                LogEntry.Kind.PINNED,
                Optional.of(new FishId("Quill")),
                Optional.of(new FishId("Wisp")),
                Optional.of(3),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()))));
        ResolvedPlan stock = ResolvedPlan.of(pinned, CATALOGUE);
        List<ResidentVerdict> verdicts = ResidentVerdict.all(stock);
        assertThat(verdicts.get(0).fish().name()).isEqualTo("Wisp");
        assertThat(verdicts.get(0).standing()).isEqualTo(Standing.ACT);
        assertThat(ResidentVerdict.firstAct(verdicts).orElseThrow())
                .contains("Quill pinned Wisp", "Take Quill out today");
        assertThat(verdicts.get(1).standing()).isEqualTo(Standing.FINE);
        // Three weeks later it no longer asks for an act.
        ResolvedPlan later = ResolvedPlan.of(pinned.with(as -> as.asOf(TODAY.plusDays(21))), CATALOGUE);
        assertThat(ResidentVerdict.firstAct(ResidentVerdict.all(later))).isEmpty();
    }

    @Test
    void attacksThatAreLoggedOftenAreTold() {
        List<LogEntry> chases = java.util.stream.IntStream.range(0, 3)
                .mapToObj(day -> new LogEntry(
                        "e" + day,
                        TODAY.minusDays(3 - day).atTime(19, 0),
                        LogEntry.Kind.CHASE,
                        Optional.of(new FishId("Quill")),
                        Optional.of(new FishId("Wisp")),
                        Optional.of(1),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()))
                .toList();
        List<ResidentVerdict> three =
                ResidentVerdict.all(ResolvedPlan.of(quiet().with(as -> as.log(chases)), CATALOGUE));
        assertThat(three)
                .allSatisfy(one -> assertThat(one.standing()).isEqualTo(Standing.WATCH))
                .extracting(ResidentVerdict::reason)
                .containsExactlyInAnyOrder(
                        "Quill attacked others 3 times in the last two weeks of your log.",
                        "Wisp was attacked 3 times in the last two weeks of your log.");
        List<ResidentVerdict> two =
                ResidentVerdict.all(ResolvedPlan.of(quiet().with(as -> as.log(chases.subList(0, 2))), CATALOGUE));
        assertThat(two).allSatisfy(one -> assertThat(one.standing()).isEqualTo(Standing.FINE));
    }
}
