package org.pelluna.core.timeline;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Who is in a tank on any day, past or to come.
 *
 * @param stays every stay, in order of arrival; those that begin on one day in the order given
 */
public record Timeline<T>(List<Stay<T>> stays) {
    public Timeline {
        stays = stays.stream().sorted(Comparator.comparing(Stay::cameOn)).toList();
    }

    /** Those present on a day, in order of arrival; none on a day without fish. */
    public List<T> presentOn(LocalDate day) {
        return stays.stream().filter(stay -> stay.covers(day)).map(Stay::who).toList();
    }

    /** Whether nobody has come up to and including a day; true for a timeline without stays. */
    public boolean nobodyYet(LocalDate day) {
        return stays.isEmpty() || stays.get(0).cameOn().isAfter(day);
    }

    /** The same with some more. */
    public Timeline<T> and(List<Stay<T>> more) {
        return new Timeline<>(Stream.concat(stays.stream(), more.stream()).toList());
    }
}
