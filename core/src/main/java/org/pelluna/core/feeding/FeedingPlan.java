package org.pelluna.core.feeding;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Severity;
import org.pelluna.core.forecast.FishWaste;
import org.pelluna.core.headroom.Headroom;
import org.pelluna.core.headroom.Ration;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Husbandry;
import org.pelluna.core.species.Habits;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.units.Numbers;

/**
 * The feeding of some fish on a date.
 *
 * @param feedsADay feeds a day, as often as the hungriest wants
 * @param gramsADay dry food a day, g
 * @param nitrogenMgADay ammonia nitrogen it makes, mg a day
 * @param portions each kind of food with its share
 * @param stations places to feed at
 * @param clips clips of seaweed
 * @param findings what to know: automatic feeder, clips apart, hard eaters
 */
public record FeedingPlan(
        double feedsADay,
        double gramsADay,
        double nitrogenMgADay,
        List<Portion> portions,
        int stations,
        int clips,
        List<Finding> findings) {

    private static final double BY_HAND = 3;
    private static final int GRAZERS_A_CLIP = 2;

    /**
     * One kind of food.
     *
     * @param food what it is
     * @param gramsADay as dry food, g
     * @param eaters who it is for
     */
    public record Portion(String food, double gramsADay, List<String> eaters) {}

    /** The feeding of the given fish. */
    public static FeedingPlan of(List<Fish> fish, Tank tank, Husbandry done, LocalDate on) {
        FishWaste wastes = new FishWaste(tank, done);
        Map<Habits.Diet, List<Fish>> byDiet = new EnumMap<>(Habits.Diet.class);
        fish.forEach(one -> byDiet.computeIfAbsent(one.species().habits().diet(), diet -> new ArrayList<>())
                .add(one));
        List<Portion> portions = byDiet.entrySet().stream()
                .map(entry -> new Portion(
                        food(entry.getKey()),
                        entry.getValue().stream()
                                .mapToDouble(one -> wastes.foodGrams(one, on))
                                .sum(),
                        entry.getValue().stream().map(Fish::name).distinct().toList()))
                .sorted(Comparator.comparingDouble(Portion::gramsADay).reversed())
                .toList();
        double grams = portions.stream().mapToDouble(Portion::gramsADay).sum();
        double feeds = fish.stream()
                .mapToDouble(one -> one.species().habits().feedsPerDay().value())
                .max()
                .orElse(0);
        int grazers = (int) fish.stream()
                .filter(one -> one.species().habits().diet() == Habits.Diet.ALGAE)
                .count();
        int clips = grazers == 0 ? 0 : Math.max(2, (grazers + GRAZERS_A_CLIP - 1) / GRAZERS_A_CLIP);
        return new FeedingPlan(
                feeds,
                grams,
                grams * 1000 * done.proteinShare() * Headroom.NITROGEN_PER_PROTEIN,
                portions,
                fish.isEmpty() ? 0 : Math.max(2, tank.feedingPlaces()),
                clips,
                findings(fish, feeds, clips));
    }

    /** How the ammonia it makes comes about. */
    public Explained how(Husbandry done) {
        return new Explained(
                "Bigger fish and warmer water need more food. Part of its protein becomes ammonia.",
                Numbers.plain(gramsADay, 2) + " g × 1,000 × " + Numbers.plain(done.proteinShare(), 2) + " protein × "
                        + Headroom.NITROGEN_PER_PROTEIN + " = " + Numbers.plain(nitrogenMgADay, 0)
                        + " mg of ammonia nitrogen a day",
                portions.stream()
                        .map(one -> Numbers.plain(one.gramsADay(), 2) + " g of " + one.food() + ": "
                                + String.join(", ", one.eaters()))
                        .toList(),
                source());
    }

    private static List<Finding> findings(List<Fish> fish, double feeds, int clips) {
        List<Finding> findings = new ArrayList<>();
        if (feeds > BY_HAND) {
            findings.add(Finding.of(
                    "automatic-feeder",
                    Severity.CAREFUL,
                    eaters(fish, one -> one.habits().feedsPerDay().value() > BY_HAND) + ": up to "
                            + Numbers.plain(feeds) + " feeds a day. Use an automatic feeder for those you cannot give.",
                    Provenance.PRACTICE,
                    List.of()));
        }
        if (clips > 0) {
            findings.add(Finding.of(
                    "clips",
                    Severity.FINE,
                    "Hang " + clips
                            + " clips of seaweed as far apart as the tank allows, so that no fish can guard them all.",
                    Provenance.PRACTICE,
                    List.of()));
        }
        List<String> hard = fish.stream()
                .filter(one -> one.species().habits().eating() == Habits.Eating.HARD)
                .map(Fish::name)
                .distinct()
                .toList();
        if (!hard.isEmpty()) {
            findings.add(Finding.of(
                    "hard-eaters",
                    Severity.CAREFUL,
                    String.join(", ", hard) + (hard.size() == 1 ? " takes" : " take")
                            + " prepared food with difficulty: check daily that each eats, and offer live food at the quiet end.",
                    Provenance.PRACTICE,
                    List.of()));
        }
        return findings;
    }

    private static String eaters(List<Fish> fish, java.util.function.Predicate<Species> which) {
        return String.join(
                ", ",
                fish.stream()
                        .filter(one -> which.test(one.species()))
                        .map(Fish::name)
                        .distinct()
                        .toList());
    }

    private static String food(Habits.Diet diet) {
        return switch (diet) {
            case ALGAE -> "seaweed and plant flakes or pellets";
            case DETRITUS_AND_FILM -> "algae film, spirulina, fine pellets";
            case PLANKTON -> "small frozen plankton, fine pellets";
            case PODS -> "live pods, newly hatched brine shrimp";
            case SMALL_CRUSTACEANS -> "frozen mysis and brine shrimp";
            case HARD_SHELLED -> "mussel, clam and shrimp in the shell";
            case FISH_AND_SHRIMPS -> "pieces of marine fish, shrimp and squid";
            case CORAL_POLYPS -> "coral polyps; chopped clam where it takes them";
            case SPONGES -> "food with sponge";
            case MIXED -> "a mixture of frozen and dry food";
        };
    }

    /** Where the quantities come from. */
    public static Provenance source() {
        return Ration.SOURCE;
    }
}
