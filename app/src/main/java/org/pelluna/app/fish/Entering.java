package org.pelluna.app.fish;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.Measures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Life;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.species.Species;

/** Makes individuals of what a keeper entered of them. */
final class Entering {
    private Entering() {}

    /**
     * The fish of a row. Several of a kind are numbered; what nobody said is taken from the species: the usual size of an adult, half a year ago.
     *
     * @param names names that are taken; those given are added
     */
    static List<Resident> of(
            EnterForm.Row row, Species species, LocalDate today, Measures measures, Set<String> names) {
        List<Resident> residents = new ArrayList<>();
        int count = row.count == null ? 1 : row.count;
        double cm = row.length == null
                ? species.size().adultCm().value()
                : measures.length().toCentimetres(row.length);
        LocalDate since = row.since == null ? today.minusMonths(6) : row.since;
        Life.DatePrecision exactly = row.since == null ? Life.DatePrecision.YEAR : row.exactly;
        String called = row.name == null || row.name.isBlank() ? species.commonName() : row.name.strip();
        for (int i = 1; i <= count; i++) {
            String name = count == 1 && !names.contains(called) ? called : numbered(called, names);
            names.add(name);
            // The length entered is today's; a day noted beside it tells the growth from then on.
            Life life = new Life(
                    since.equals(today) ? List.of() : List.of(new Life.Measured(today, cm)),
                    List.of(),
                    List.of(),
                    Optional.empty(),
                    exactly,
                    Optional.empty(),
                    List.of());
            residents.add(new Resident(
                    new FishId(FormKey.fresh()),
                    species.id(),
                    name,
                    since,
                    Math.min(cm, species.size().saleCm().value()),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(life)));
        }
        return residents;
    }

    private static String numbered(String called, Set<String> names) {
        int number = 1;
        while (names.contains(called + " " + number)) {
            number++;
        }
        return called + " " + number;
    }
}
