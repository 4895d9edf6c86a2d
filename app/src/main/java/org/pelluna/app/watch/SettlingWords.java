package org.pelluna.app.watch;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.pelluna.core.course.SettlingAlarm;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.tension.Settling;
import org.pelluna.core.units.Numbers;

/** What is known of a quarrel, how sure it is, and what would tell. */
final class SettlingWords {
    private static final double LEAST_TOLD = 1.2;
    private static final double MOST_TOLD = 1000;

    private SettlingWords() {}

    static String rate(Settling one, LocalDate today) {
        Interval rate = one.course().rate(one.days(today), Settling.LEVEL);
        return "Today about " + Numbers.plain(one.course().middle(one.days(today)), 1)
                + " attacks an hour (likely " + Numbers.plain(rate.low(), 1) + " to "
                + Numbers.plain(rate.high(), 1) + ")";
    }

    /** When it will be calm, and how much watching would show it. */
    static String calm(Settling one, LocalDate today) {
        List<Optional<LocalDate>> calm = one.calmOn();
        String when = calm.get(0).isEmpty()
                ? "It may never settle at this rate"
                : (calm.get(0).get().isAfter(today)
                                ? "Calm from " + calm.get(0).get() + " at the earliest"
                                : "It may be calm already")
                        + calm.get(1)
                                .filter(last -> last.isAfter(today))
                                .map(last -> ", by " + last + " at the latest")
                                .orElse("");
        return when
                + one.hoursToQuiet(today)
                        .map(hours -> ". Watch " + Numbers.count(hours, "more hour")
                                + " without an attack, and we call it calm")
                        .orElse("");
    }

    /** How sure the verdict is. */
    static String sure(Settling one) {
        double unrest = one.unrest();
        if (unrest > 1 / LEAST_TOLD && unrest < LEAST_TOLD) {
            return "Your watches cannot show yet if it is settling.";
        }
        boolean settles = unrest < 1;
        double times = Math.min(MOST_TOLD, settles ? 1 / unrest : unrest);
        return "Your watches are " + (times == MOST_TOLD ? "over " : "") + Numbers.plain(times, times < 10 ? 1 : 0)
                + " times more likely if it "
                + (settles ? "settles than if it does not" : "does not settle than if it does")
                + ". We say so from " + Numbers.plain(settles ? SettlingAlarm.WATCHFUL : SettlingAlarm.ALARM, 0)
                + " times.";
    }
}
