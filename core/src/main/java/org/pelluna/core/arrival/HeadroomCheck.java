package org.pelluna.core.arrival;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.headroom.Headroom;
import org.pelluna.core.headroom.InchRule;
import org.pelluna.core.headroom.Load;
import org.pelluna.core.plan.Approaches;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;

/** Headroom for sets of units beside the residents, all grown, by the approach of the house rules. */
final class HeadroomCheck {
    private final List<Ceiling> ceilings = new ArrayList<>();
    private final boolean counts;

    /** One load with what each unit adds to it; {@code later} replaces {@code now} as the ceiling from a day on. */
    private record Ceiling(
            String name,
            String unit,
            double residents,
            SetSum units,
            double now,
            double later,
            int day,
            Provenance source) {
        double used(int set) {
            return residents + units.of(set);
        }

        double limit(int on) {
            return on >= day ? later : now;
        }
    }

    HeadroomCheck(ResolvedPlan stock, List<OrderItem> units) {
        var plan = stock.plan();
        LocalDate today = plan.asOf();
        Approaches.Ceiling approach = plan.houseRules().approaches().ceiling();
        this.counts = !plan.houseRules().overruled().containsKey("headroom");
        InchRule inches = new InchRule(plan.tank(), plan.houseRules());
        int matureDay = inches.matureOn()
                .map(day -> (int) Math.max(0, ChronoUnit.DAYS.between(today, day)))
                .orElse(0);
        Headroom headroom = new Headroom(plan.tank(), plan.houseRules(), today);
        List<List<Load>> each = units.stream()
                .map(unit -> headroom.of(approach, List.of(unit.fish()), HeadroomCheck::grownCm))
                .toList();
        for (Load load : headroom.of(approach, stock.residents(), HeadroomCheck::grownCm)) {
            double[] adds = new double[units.size()];
            for (int i = 0; i < adds.length; i++) {
                adds[i] = units.get(i).count()
                        * each.get(i).stream()
                                .filter(one -> one.name().equals(load.name()))
                                .mapToDouble(Load::used)
                                .sum();
            }
            double later = approach == Approaches.Ceiling.INCHES
                    ? Math.max(load.limit(), inches.matureCeilingInches())
                    : load.limit();
            ceilings.add(new Ceiling(
                    load.name(),
                    load.unit(),
                    load.used(),
                    new SetSum(adds),
                    load.limit(),
                    later,
                    later > load.limit() ? matureDay : 0,
                    load.source()));
        }
    }

    private static double grownCm(Fish fish) {
        return fish.growth().adultLengthCm();
    }

    /** The first day on which the room is enough for a set; the last day it grows where it never is. */
    int day(int set) {
        int day = 0;
        if (counts) {
            for (Ceiling ceiling : ceilings) {
                if (ceiling.used(set) > ceiling.now()) {
                    day = Math.max(day, ceiling.day());
                }
            }
        }
        return day;
    }

    /** The tightest load once a set has joined, on a day. */
    RoomUse use(int set, int day) {
        return ceilings.stream()
                .map(one -> new RoomUse(
                        one.name(), one.used(set), one.limit(day), one.now(), one.unit(), counts, one.source()))
                .max(Comparator.comparingDouble(one -> one.used() / one.limit()))
                .orElseThrow();
    }
}
