package org.pelluna.app.arrivals;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.XProperty;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.pelluna.core.arrival.ArrivalCalendar;
import org.pelluna.core.arrival.ArrivalCalendar.Span;
import org.pelluna.core.assess.Assessment;
import org.pelluna.core.forecast.Future;
import org.pelluna.core.forecast.Outgrown;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.shop.PlannedCrew;
import org.pelluna.core.units.Numbers;
import org.pelluna.core.watch.Task;

/** The calendar of arrivals as iCalendar, RFC 5545. */
final class Ics {
    private static final int FOLD = 60;

    private Ics() {}

    /**
     * Every day of every arrival, the tasks still to be done, and the days from which to look for new homes, as all-day events; the
     * same thing keeps its key, so that a calendar moves what it knows.
     *
     * @param tankKey what tells this tank's events from another's
     */
    static String of(Assessment assessment, String tankKey) {
        ResolvedPlan stock = assessment.stock();
        TankPlan plan = stock.plan();
        Calendar calendar = new Calendar();
        calendar.add(new net.fortuna.ical4j.model.property.ProdId("-//Pelluna//arrivals 1//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(new XProperty("X-WR-CALNAME", "Arrivals, " + plan.tank().name()));
        for (ArrivalCalendar.Lane lane : ArrivalCalendar.of(stock, assessment.order(), assessment.planned())) {
            lane(calendar, lane, tankKey);
        }
        for (Task task : plan.observations().tasks()) {
            if (!task.done()) {
                calendar.add(event(
                        task.id() + "-" + tankKey + "-task",
                        task.words(),
                        task.on(),
                        task.on().plusDays(1),
                        ""));
            }
        }
        for (PlannedCrew one : PlannedCrew.of(stock)) {
            one.from()
                    .ifPresent(day -> calendar.add(event(
                            one.plan().id() + "-" + tankKey + "-crew",
                            "Look for " + one.words(),
                            day,
                            day.plusDays(1),
                            "")));
        }
        for (Outgrown one : Future.outgrowing(stock)) {
            calendar.add(event(
                    one.fish().id() + "-" + tankKey + "-home",
                    one.task(),
                    one.lookFrom(),
                    one.lookFrom().plusDays(1),
                    one.finding().sentence()));
        }
        try {
            StringWriter text = new StringWriter();
            // Lines are folded by letters; this length leaves room for those of more than one octet.
            new CalendarOutputter(true, FOLD).output(calendar, text);
            return text.toString();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void lane(Calendar calendar, ArrivalCalendar.Lane lane, String tankKey) {
        String key = lane.arrival().wishIds().get(0) + "-" + tankKey;
        String names = lane.arrival().names();
        for (Span span : lane.spans()) {
            if (span.to().isAfter(span.from())) {
                String words = lane.spans().stream()
                                        .filter(one -> one.kind() == span.kind())
                                        .count()
                                > 1
                        ? span.words()
                        : span.kind().name().toLowerCase(java.util.Locale.ROOT);
                calendar.add(event(
                        key + "-" + words,
                        names + ": " + span.words(),
                        span.from(),
                        span.to(),
                        lane.arrival().reasons().isEmpty()
                                ? ""
                                : lane.arrival().reasons().get(0).sentence()));
            }
        }
        for (int step = 0; step < lane.ramp().size(); step++) {
            ArrivalCalendar.RampStep one = lane.ramp().get(step);
            calendar.add(event(
                    key + "-ramp-" + (step + 1),
                    names + ": to specific gravity " + Numbers.plain(one.gravity(), 4),
                    one.on(),
                    one.on().plusDays(1),
                    "Exchange " + Numbers.plain(one.litres()) + " L of quarantine water for the display's."));
        }
        calendar.add(event(
                key + "-test",
                "Test ammonia and nitrite after " + names,
                lane.release().plusDays(1),
                lane.release().plusDays(2),
                "And again three days later."));
    }

    private static VEvent event(String uid, String summary, LocalDate from, LocalDate to, String description) {
        VEvent event = new VEvent(from, to, summary);
        event.add(new Uid(uid + "@pelluna"));
        if (!description.isEmpty()) {
            event.add(new Description(description));
        }
        return event;
    }
}
