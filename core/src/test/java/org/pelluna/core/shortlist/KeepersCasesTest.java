package org.pelluna.core.shortlist;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.tank.AnimalGroup.ANEMONES;
import static org.pelluna.core.tank.AnimalGroup.CLAMS;
import static org.pelluna.core.tank.AnimalGroup.LARGE_POLYP_STONY_CORALS;
import static org.pelluna.core.tank.AnimalGroup.SHRIMPS;
import static org.pelluna.core.tank.AnimalGroup.SMALL_POLYP_STONY_CORALS;
import static org.pelluna.core.tank.AnimalGroup.SNAILS;
import static org.pelluna.core.tank.AnimalGroup.SOFT_CORALS;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.Fixtures.TankBuilder;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterSpace;

/**
 * What a keeper of some years would say of a fish, a tank and its company. All common practice; the last column says why.
 */
class KeepersCasesTest {
    private static final LocalDate TODAY = Fixtures.TODAY;

    /** The tanks of the table: reef 150 × 55 × 58 cm, cube 62 × 42 × 44 cm, hall 300 × 90 × 80 cm. */
    private static Tank tank(String name) {
        TankShape cube = new TankShape.Box(62, 42, 44);
        TankShape hall = new TankShape.Box(300, 90, 80);
        return switch (name) {
            case "reef" -> new TankBuilder().build();
            case "corals" ->
                new TankBuilder()
                        .holding(SMALL_POLYP_STONY_CORALS, 5)
                        .holding(LARGE_POLYP_STONY_CORALS, 5)
                        .holding(SOFT_CORALS, 3)
                        .build();
            case "clams" ->
                new TankBuilder().holding(CLAMS, 8).holding(ANEMONES, 10).build();
            case "crew" ->
                new TankBuilder().holding(SHRIMPS, 4).holding(SNAILS, 1.5).build();
            case "open" -> new TankBuilder().cover(Cover.Kind.OPEN, 0).build();
            case "bare" -> new TankBuilder().sand(0).build();
            case "young" -> new TankBuilder().cycledOn(TODAY.minusMonths(3)).build();
            case "first" -> new TankBuilder().firstTank().build();
            case "old hand" -> new TankBuilder().seasoned().build();
            case "cube" ->
                new TankBuilder().shape(cube).water(WaterSpace.usual(4, 9, 0)).build();
            case "hall" ->
                new TankBuilder()
                        .shape(hall)
                        .water(WaterSpace.usual(4, 200, 300))
                        .build();
            default -> throw new IllegalArgumentException(name);
        };
    }

    @ParameterizedTest(name = "{0} in {1}: {2} {3}, because {5}")
    @CsvSource(
            delimiter = '|',
            value = {
                "acanthurus-sohal          | reef   | volume      | STOP    |                         | it grows past the tank",
                "acanthurus-sohal          | hall   | volume      | FINE    |                         | a hall of 2000 L bears it",
                "platax-orbicularis        | reef   | swim-length | STOP    |                         | a juvenile hides the adult",
                "lutjanus-sebae            | hall   | volume      | STOP    |                         | a metre long when grown",
                "zebrasoma-flavescens      | cube   | swim-length | STOP    |                         | cruisers want length",
                "gobiodon-okinawae         | cube   | volume      | FINE    |                         | a fish for a small tank",
                "gramma-loreto             | cube   | swim-length | FINE    |                         | it stays at its cave",
                "acanthurus-olivaceus      | reef   | swim-length | STOP    |                         | it wants more than two metres",
                "centropyge-flavissima     | corals | reef        | STOP    |                         | it takes large polyps in the end",
                "centropyge-argi           | corals | reef        | CAREFUL |                         | dwarf angels test corals",
                "genicanthus-lamarck       | corals | reef        | FINE    |                         | a plankton eater leaves them alone",
                "chaetodon-lunula          | corals | reef        | STOP    |                         | butterflies eat polyps",
                "forcipiger-flavissimus    | corals | reef        | CAREFUL |                         | its beak tests polyps",
                "canthigaster-valentini    | clams  | reef        | STOP    |                         | tobies bite clams",
                "centropyge-bicolor        | clams  | reef        | CAREFUL |                         | mantles tempt dwarf angels",
                "neocirrhites-armatus      | crew   | reef        | CAREFUL |                         | it may take small shrimps",
                "choerodon-fasciatus       | crew   | reef        | STOP    |                         | tuskfish crack snails and shrimps",
                "halichoeres-chrysus       | crew   | reef        | FINE    |                         | large shrimps are safe with it",
                "thalassoma-lunare         | crew   | reef        | STOP    |                         | it tears shrimps apart",
                "balistoides-conspicillum  | crew   | reef        | STOP    |                         | triggers eat the crew",
                "nemateleotris-helfrichi   | open   | cover       | WAIT    |                         | firefish leave open tanks",
                "cirrhilabrus-jordani      | open   | cover       | WAIT    |                         | fairy wrasses jump",
                "echidna-nebulosa          | open   | cover       | WAIT    |                         | morays leave by any gap",
                "hippocampus-reidi         | open   | cover       | NONE    |                         | seahorses do not jump",
                "halichoeres-melanurus     | bare   | sand        | STOP    |                         | it sleeps under sand",
                "macropharyngodon-meleagris| bare   | sand        | STOP    |                         | leopards bury themselves",
                "opistognathus-rosenblatti | bare   | sand        | STOP    |                         | it digs a burrow",
                "cirrhilabrus-exquisitus   | bare   | sand        | NONE    |                         | it sleeps in a cocoon",
                "synchiropus-picturatus    | young  | pods        | WAIT    |                         | pods need months",
                "ctenochaetus-truncatus    | young  | maturity    | WAIT    |                         | film needs months",
                "acanthurus-achilles       | first  | care        | CAREFUL |                         | not a first fish",
                "acanthurus-achilles       | old hand | care      | CAREFUL |                         | it dies on keepers of twenty years, too",
                "gramma-loreto             | old hand | care      | NONE    |                         | easy for everyone",
                "amphiprion-percula        | first  | care        | NONE    |                         | clowns forgive mistakes",
                "chaetodon-baronessa       | reef   | food        | STOP    |                         | it lives on polyps",
                "pseudanthias-tuka         | reef   | food        | CAREFUL |                         | it wants feeding all day",
                "lythrypnus-dalli          | reef   | water       | STOP    |                         | it wants cool water",
                "opistognathus-rosenblatti | reef   | water       | STOP    |                         | it fades when warm",
                "acanthurus-nigricans      | reef   | ailment     | CAREFUL |                         | surgeonfish bring white spot",
                "pseudanthias-bartlettorum | reef   | ailment     | CAREFUL |                         | shoaling fish bring ciliates",
                "pterois-volitans          | reef   | hazard      | CAREFUL |                         | venomous spines",
                "ecsenius-stigmatura       | reef   | predation   | STOP    | pterois-volitans 28     | it fits in the mouth",
                "synchiropus-stellatus     | reef   | predation   | STOP    | antennarius-pictus 14   | a frogfish takes anything",
                "ctenochaetus-strigosus    | reef   | predation   | NONE    | echidna-nebulosa 50     | pebble teeth leave fish alone",
                "zebrasoma-xanthurum       | reef   | kin         | CAREFUL | zebrasoma-scopas 14     | two of one genus",
                "acanthurus-japonicus      | reef   | kin         | NONE    | zebrasoma-scopas 14     | two genera of tang get along",
                "ecsenius-bicolor          | reef   | pressure    | CAREFUL | ecsenius-stigmatura 5   | blennies on blennies",
                "pictichromis-porphyrea    | reef   | pressure    | CAREFUL | pictichromis-paccagnella 6 | dottybacks on anything purple",
                "assessor-macneilli        | reef   | pressure    | FINE    | gramma-loreto 6         | calm cave fish",
                "valenciennea-puellaris    | corals | disturbance | CAREFUL |                         | it drops sand on corals",
                "novaculichthys-taeniourus | reef   | disturbance | CAREFUL |                         | it turns rocks"
            })
    void aKeeperWouldSay(String fish, String tankName, String rule, String expected, String resident, String why) {
        List<Resident> residents = new ArrayList<>();
        if (resident != null) {
            String[] one = resident.split(" ");
            residents.add(Fixtures.resident("old", one[0], 900, Double.parseDouble(one[1])));
        }
        ResolvedPlan stock = ResolvedPlan.of(
                Fixtures.plan(tank(tankName), HouseRules.USUAL, residents, List.of()), Fixtures.CATALOGUE);
        Species species = Fixtures.species(fish);
        List<Severity> stances = Shortlist.ask(
                        stock, species, 1, species.size().saleCm().value())
                .findings()
                .stream()
                .filter(finding -> finding.rule().equals(rule))
                .map(org.pelluna.core.finding.Finding::severity)
                .sorted()
                .toList();
        if (expected.equals("NONE")) {
            assertThat(stances).as(why).isEmpty();
        } else {
            assertThat(stances).as(why).isNotEmpty().first().isEqualTo(Severity.valueOf(expected));
        }
    }

    @Test
    void everyFindingThatCanTurnAFishAwayCanBeOverruled() {
        Tank everything = new TankBuilder()
                .cycling()
                .cover(Cover.Kind.OPEN, 0)
                .sand(0)
                .holding(SHRIMPS, 1)
                .build();
        ResolvedPlan stock = ResolvedPlan.of(
                Fixtures.plan(
                        everything,
                        HouseRules.USUAL,
                        List.of(
                                Fixtures.resident("a", "pterois-volitans", 900, 28),
                                Fixtures.resident("b", "zebrasoma-scopas", 900, 16)),
                        List.of()),
                Fixtures.CATALOGUE);
        assertThat(Fixtures.CATALOGUE.all().stream()
                        .flatMap(one -> Shortlist.ask(stock, one, 1, 5).findings().stream())
                        .filter(finding -> finding.severity().compareTo(Severity.FINE) < 0)
                        .map(org.pelluna.core.finding.Finding::rule)
                        .distinct())
                .hasSizeGreaterThan(12)
                .isSubsetOf(Rules.ALL.stream().map(ShortlistRule::key).toList());
    }

    @ParameterizedTest
    @CsvSource({"nemateleotris-decora, cover, a mesh is on order", "naso-lituratus, volume, it moves on next year"})
    void anOverruledRuleNoLongerCountsButItsNoteStays(String fish, String rule, String note) {
        HouseRules rules = HouseRules.USUAL.with(as -> as.approaches(HouseRules.USUAL.approaches())
                .husbandry(HouseRules.USUAL.husbandry())
                .overruled(Map.of(rule, note)));
        Species species = Fixtures.species(fish);
        Tank open = new TankBuilder().cover(Cover.Kind.OPEN, 0).build();
        ResolvedPlan stock = ResolvedPlan.of(Fixtures.plan(open, rules, List.of(), List.of()), Fixtures.CATALOGUE);
        Judgement judgement = Shortlist.ask(stock, species, 1, 5);
        assertThat(judgement.findings())
                .filteredOn(finding -> finding.rule().equals(rule))
                .allMatch(finding -> finding.severity() == Severity.FINE)
                .filteredOn(finding -> finding.sentence().contains("Overruled"))
                .allMatch(finding -> finding.sentence().contains(note));
    }
}
