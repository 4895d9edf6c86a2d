package org.pelluna.core.lessons;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.statistics.Survival;
import org.pelluna.core.units.Numbers;

/** How long fish live here after their arrival, all together and by what sets them apart. Given away counts as alive until then. */
public final class Survivors {
    private static final int MOST_WRITTEN = 6;
    private static final int FIRST = 3;
    private static final int MIDDLE = 6;

    private Survivors() {}

    /** What fish can be told apart by. */
    public enum By {
        ALL("all fish"),
        METHOD("how they arrived"),
        ORIGIN("where they are from"),
        FAMILY("family"),
        PLACE("place in the order");

        private final String words;

        By(String words) {
            this.words = words;
        }

        /** What it is called. */
        public String words() {
            return words;
        }
    }

    /**
     * One group.
     *
     * @param name its name
     * @param lives the lives, days from arrival
     * @param curve their survival
     */
    public record Group(String name, List<Survival.FollowUp> lives, List<Survival.Step> curve) {
        /** How the share that is alive after all that was lost comes about; empty while nobody is lost. */
        public Optional<Explained> how() {
            if (curve.isEmpty()) {
                return Optional.empty();
            }
            String product = curve.stream()
                    .limit(MOST_WRITTEN)
                    .map(step -> "(1 − " + step.ended() + "/" + step.atRisk() + ")")
                    .collect(Collectors.joining(" × "));
            Survival.Step last = curve.get(curve.size() - 1);
            return Optional.of(new Explained(
                    "On every day on which some are lost, the share that lives on is that of those followed until then; the shares multiply.",
                    product + (curve.size() > MOST_WRITTEN ? " × …" : "") + " = "
                            + Numbers.plain(100 * last.survival(), 0) + " % after "
                            + Numbers.count((long) last.time(), "day"),
                    List.of(
                            Numbers.count(lives.size(), "fish", "fish") + " followed, " + lost() + " lost",
                            "who lives on or was given away counts as long as it was followed"),
                    Provenance.published("Kaplan & Meier 1958")));
        }

        /** Lives that have ended. */
        public long lost() {
            return lives.stream().filter(Survival.FollowUp::ended).count();
        }
    }

    /** The groups of some tanks, the largest first. */
    public static List<Group> of(Collection<TankPlan> plans, Catalogue catalogue, By by) {
        Map<String, List<Survival.FollowUp>> lives = new TreeMap<>();
        for (TankPlan plan : plans) {
            Catalogue known = plan.species(catalogue);
            List<Resident> inOrder = plan.residents().stream()
                    .sorted(Comparator.comparing(Resident::arrivedOn))
                    .toList();
            for (int i = 0; i < inOrder.size(); i++) {
                Resident one = inOrder.get(i);
                String name = switch (by) {
                    case ALL -> "all fish";
                    case METHOD ->
                        one.coming()
                                .flatMap(Resident.Acquisition::method)
                                .map(Resident.Method::words)
                                .orElse("not noted");
                    case ORIGIN ->
                        one.coming()
                                .flatMap(Resident.Acquisition::origin)
                                .map(Resident.Origin::words)
                                .orElse("not noted");
                    case FAMILY -> known.get(one.speciesId()).family();
                    case PLACE ->
                        i < FIRST ? "among the first three" : i < MIDDLE ? "fourth to sixth" : "seventh or later";
                };
                lives.computeIfAbsent(name, key -> new ArrayList<>()).add(life(plan, one));
            }
        }
        return lives.entrySet().stream()
                .map(one -> new Group(one.getKey(), one.getValue(), Survival.curve(one.getValue())))
                .sorted(Comparator.comparingInt((Group one) -> one.lives().size())
                        .reversed())
                .toList();
    }

    private static Survival.FollowUp life(TankPlan plan, Resident one) {
        LocalDate until = one.leftOn().orElse(plan.asOf());
        boolean lost = plan.losses().stream()
                .anyMatch(loss -> loss.fishId().equals(one.id()) && loss.cause() != Loss.Cause.GIVEN_AWAY);
        return new Survival.FollowUp(Math.max(0, ChronoUnit.DAYS.between(one.arrivedOn(), until)), lost);
    }
}
