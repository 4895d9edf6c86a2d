package org.pelluna.core.lessons;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.AttacksBefore;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.statistics.Survival;
import org.pelluna.core.units.Numbers;

/** What some tanks have taught, in plain sentences with their counts. */
public final class Lessons {
    private static final int LOOK_BACK_DAYS = 30;
    private static final int FIRST_MONTHS = 90;

    private Lessons() {}

    /** The lessons, the weightiest first. */
    public static List<String> of(Collection<TankPlan> plans, Catalogue catalogue) {
        List<String> lessons = new ArrayList<>();
        List<Survival.FollowUp> lives = Survivors.of(plans, catalogue, Survivors.By.ALL).stream()
                .flatMap(group -> group.lives().stream())
                .toList();
        long lost = lives.stream().filter(Survival.FollowUp::ended).count();
        if (lives.isEmpty()) {
            return List.of("No fish has arrived yet.");
        }
        if (lost == 0) {
            return List.of("You lost none of " + lives.size() + " fish.");
        }
        early(lives, lost, lessons);
        causes(plans, lost, lessons);
        attacked(plans, lessons);
        linked(plans, lessons);
        money(plans, lessons);
        return lessons;
    }

    private static void early(List<Survival.FollowUp> lives, long lost, List<String> lessons) {
        long early = lives.stream()
                .filter(life -> life.ended() && life.time() <= FIRST_MONTHS)
                .count();
        lessons.add(early + " of " + Numbers.count(lost, "loss", "losses") + " happened in the first " + FIRST_MONTHS
                + " days" + (early * 2 > lost ? ": that is the dangerous time here." : "."));
    }

    private static void causes(Collection<TankPlan> plans, long lost, List<String> lessons) {
        Map<Loss.Cause, Long> causes = plans.stream()
                .flatMap(plan -> plan.losses().stream())
                .filter(loss -> loss.cause() != Loss.Cause.GIVEN_AWAY)
                .collect(Collectors.groupingBy(Loss::cause, Collectors.counting()));
        long most = causes.values().stream().mapToLong(Long::longValue).max().orElse(0);
        List<Loss.Cause> first = causes.entrySet().stream()
                .filter(one -> one.getValue() == most)
                .map(Map.Entry::getKey)
                .sorted()
                .toList();
        if (first.isEmpty()) {
            return;
        }
        String words = first.stream().map(Loss.Cause::words).collect(Collectors.joining(" and "));
        lessons.add((first.size() == 1 ? "Main cause: " : "Main causes: ") + words
                + " (" + most + (first.size() == 1 ? "" : " each") + " of " + lost + ")."
                + first.stream().map(Lessons::advice).collect(Collectors.joining()));
    }

    private static String advice(Loss.Cause cause) {
        return switch (cause) {
            case JUMPED -> " Check the cover for gaps.";
            case AGGRESSION -> " Plan a safer order, a box or new rock.";
            case PREDATION -> " Check bite-size dates before the next arrival.";
            case DISEASE, POOR_ARRIVAL -> " Quarantine longer, or buy elsewhere.";
            case STARVED -> " See it eat before you pay, and feed it apart.";
            case BAD_WATER -> " Add fewer at a time and test on the days after.";
            case MISSING -> " Roll calls would show it earlier.";
            case EQUIPMENT, OLD_AGE, GIVEN_AWAY -> "";
        };
    }

    private static void attacked(Collection<TankPlan> plans, List<String> lessons) {
        int losses = 0;
        int attacked = 0;
        Map<String, Integer> by = new HashMap<>();
        for (TankPlan plan : plans) {
            Map<FishId, String> names = new LinkedHashMap<>();
            plan.residents().forEach(one -> names.put(one.id(), one.name()));
            for (Loss loss : plan.losses()) {
                List<AttacksBefore> before = AttacksBefore.before(loss, plan.log(), LOOK_BACK_DAYS);
                losses++;
                attacked += before.isEmpty() ? 0 : 1;
                before.stream()
                        .limit(1)
                        .forEach(one -> by.merge(names.getOrDefault(one.aggressorId(), "?"), 1, Integer::sum));
            }
        }
        if (attacked > 0) {
            String worst = by.entrySet().stream()
                    .max(Map.Entry.<String, Integer>comparingByValue().thenComparing(Map.Entry::getKey))
                    .map(one -> ", most by " + one.getKey())
                    .orElse("");
            lessons.add("The log shows attacks in the " + LOOK_BACK_DAYS + " days before " + attacked + " of "
                    + Numbers.count(losses, "loss", "losses") + worst + ".");
        } else {
            lessons.add("No attack was logged in the " + LOOK_BACK_DAYS + " days before "
                    + (losses == 1 ? "the loss." : "these " + losses + " losses."));
        }
    }

    private static void linked(Collection<TankPlan> plans, List<String> lessons) {
        long linked = plans.stream()
                .flatMap(plan -> plan.losses().stream())
                .filter(loss -> loss.linkedTo().isPresent())
                .count();
        if (linked > 0) {
            lessons.add(linked + (linked == 1 ? " loss was" : " losses were") + " caused by an earlier one.");
        }
    }

    private static void money(Collection<TankPlan> plans, List<String> lessons) {
        double money = 0;
        for (TankPlan plan : plans) {
            Map<FishId, Resident> residents = new HashMap<>();
            plan.residents().forEach(one -> residents.put(one.id(), one));
            for (Loss loss : plan.losses()) {
                money += loss.price()
                        .or(() -> java.util.Optional.ofNullable(residents.get(loss.fishId()))
                                .flatMap(Resident::coming)
                                .flatMap(Resident.Acquisition::price))
                        .orElse(0.0);
            }
        }
        if (money > 0) {
            lessons.add("What was lost had cost " + Numbers.plain(money, 2) + ".");
        }
    }
}
