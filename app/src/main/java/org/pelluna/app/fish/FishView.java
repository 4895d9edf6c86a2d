package org.pelluna.app.fish;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.FindingView;
import org.pelluna.app.web.Measures;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.assess.WithoutFish;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Absence;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.shortlist.Shortlist;
import org.pelluna.core.species.Species;
import org.pelluna.core.units.Numbers;

/**
 * One fish ready to print.
 *
 * @param state where it is: {@code here}, {@code out} or {@code gone}
 * @param where the same in a sentence
 * @param bond with whom it lives as a pair, harem or shoal, and who is next to change sex; empty if there is nothing to say
 * @param kin others of its species that live here
 * @param chart its length over the years with what was measured, SVG; its stays below
 * @param story what is noted of it, the latest first
 * @param logged what the log says of it; empty if nothing
 * @param howLong how its length today comes about; null once it is gone
 * @param howHard how the hardest of the pressures comes about; null if there is none
 * @param attacks whom it attacks and who attacks it today, the hardest first
 * @param frees what would be otherwise without it; empty once it is gone
 * @param findings what speaks against it here, as if it were wished for today; the hardest first
 */
record FishView(
        String key,
        String name,
        String speciesId,
        String species,
        String scientificName,
        Svg sheet,
        Svg portrait,
        String state,
        String where,
        String length,
        @Nullable Explained howLong,
        String sex,
        boolean changesSex,
        String bond,
        List<Kin> kin,
        Svg chart,
        List<FishStory.Moment> story,
        String logged,
        List<PressLine> attacks,
        @Nullable Explained howHard,
        Optional<Frees> frees,
        List<FindingView> findings) {

    private static final int MOST_LINES = 6;

    /** Another of its species that lives here. */
    record Kin(String key, String name) {}

    /** One pressure. */
    record PressLine(String who, String words, int width) {}

    /**
     * What its leaving would change.
     *
     * @param room the load before and after
     * @param lines everything else, a sentence each
     */
    record Frees(String room, List<String> lines) {}

    static FishView of(Assessment assessment, Resident resident, Set<String> photos, Measures measures) {
        LocalDate today = assessment.stock().plan().asOf();
        Fish fish = Stream.of(
                        assessment.stock().residents().stream(),
                        assessment.stock().absent().stream(),
                        assessment.stock().departed().stream().map(gone -> gone.fish()))
                .flatMap(all -> all)
                .filter(one -> one.id().equals(resident.id()))
                .findFirst()
                .orElseThrow();
        Species species = fish.species();
        boolean gone = resident.leftOn().filter(day -> !day.isAfter(today)).isPresent();
        Optional<Absence> out = resident.noted().absence(today);
        return new FishView(
                resident.id().key(),
                resident.name(),
                species.id().key(),
                species.commonName(),
                species.scientificName(),
                Portraits.sheet(List.of(species)),
                Portraits.use(species),
                gone ? "gone" : out.isPresent() ? "out" : "here",
                FishStory.where(resident, assessment.stock().plan()),
                measures.lengthOf(fish.lengthCmOn(resident.leftOn().orElse(today))),
                gone ? null : fish.growth().how(today, measures::lengthOf),
                resident.noted().sex(today).map(Life.Sex::words).orElse(""),
                species.company().sexChange() != org.pelluna.core.species.SocialGrouping.SexChange.NONE,
                FishBonds.words(fish, assessment.stock()),
                FishBonds.kin(fish, assessment.stock()),
                new LifeChart(fish, resident, today, measures).svg(),
                FishStory.of(resident, assessment.stock().plan(), photos, measures),
                FishStory.logged(resident.id(), assessment.stock().plan()),
                gone ? List.of() : attacks(assessment, resident.id()),
                gone
                        ? null
                        : pressures(assessment, resident.id())
                                .findFirst()
                                .map(Pressure::how)
                                .orElse(null),
                gone ? Optional.empty() : Optional.of(frees(assessment, resident)),
                gone ? List.of() : findings(assessment, fish, today, measures));
    }

    private static List<FindingView> findings(Assessment assessment, Fish fish, LocalDate today, Measures measures) {
        ResolvedPlan others = assessment.stock().without(fish.id()).withAbsent();
        return Shortlist.ask(others, fish.species(), 1, fish.lengthCmOn(today)).findings().stream()
                .filter(finding -> finding.severity().compareTo(Severity.FINE) < 0)
                .map(finding -> FindingView.of(finding, measures))
                .toList();
    }

    /** Those that it puts on others or suffers today, the hardest first. */
    private static Stream<Pressure> pressures(Assessment assessment, FishId id) {
        return assessment.today().stream()
                .filter(one -> one.aggressorId().equals(id) || one.victimId().equals(id))
                .sorted(Comparator.comparingDouble(Pressure::perHour).reversed());
    }

    private static List<PressLine> attacks(Assessment assessment, FishId id) {
        Map<FishId, String> names = assessment.stock().plan().fishNames();
        List<Pressure> all = pressures(assessment, id).limit(MOST_LINES).toList();
        double most = all.stream().mapToDouble(Pressure::perHour).max().orElse(1);
        return all.stream()
                .map(one -> new PressLine(
                        one.aggressorId().equals(id)
                                ? "Attacks " + names.get(one.victimId())
                                : "Attacked by " + names.get(one.aggressorId()),
                        Numbers.plain(one.perHour(), 2) + " an hour",
                        (int) Math.round(100 * one.perHour() / Math.max(most, 1e-9))))
                .toList();
    }

    private static Frees frees(Assessment assessment, Resident resident) {
        WithoutFish without = WithoutFish.of(assessment, resident.id());
        double careful = assessment.stock().plan().houseRules().weights().carefulPerHour();
        Map<FishId, String> names = assessment.stock().plan().fishNames();
        int decimals =
                Numbers.decimalsToTell(without.before().used(), without.after().used(), 1);
        String unit =
                without.before().unit().isEmpty() ? "" : " " + without.before().unit();
        List<String> lines = Stream.of(
                        without.turns().stream()
                                .map(turn -> turn.name() + " changes from “"
                                        + turn.before().words() + "” to “"
                                        + turn.after().words() + "”."),
                        without.dates().stream().map(FishView::shift),
                        without.ends().stream()
                                .filter(one -> one.perHour() >= careful)
                                .map(one -> names.get(one.aggressorId()) + " no longer attacks "
                                        + names.get(one.victimId()) + " (" + Numbers.plain(one.perHour(), 1)
                                        + " attacks an hour)."))
                .flatMap(all -> all)
                .toList();
        return new Frees(
                "With all grown, " + without.before().name() + ": "
                        + Numbers.plain(without.before().used(), decimals) + " → "
                        + Numbers.plain(without.after().used(), decimals) + " of "
                        + Numbers.plain(without.before().limit(), decimals) + unit,
                lines);
    }

    private static String shift(WithoutFish.Shift shift) {
        return shift.after()
                .map(after -> shift.name() + " may come from " + after
                        + shift.before().map(before -> ", not " + before).orElse(", which has no day now") + ".")
                .orElse(shift.name() + " would have no day.");
    }
}
