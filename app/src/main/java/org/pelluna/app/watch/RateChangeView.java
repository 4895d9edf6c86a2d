package org.pelluna.app.watch;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.pelluna.core.course.Watched;
import org.pelluna.core.finding.Explained;
import org.pelluna.core.statistics.Interval;
import org.pelluna.core.tension.RateChange;
import org.pelluna.core.tension.RemedyEffect;
import org.pelluna.core.units.Numbers;

/** One row of what a remedy changed, ready to print. */
record RateChangeView(
        String who,
        String before,
        String after,
        String ratio,
        String verdict,
        boolean worse,
        @Nullable Explained how) {
    static RateChangeView of(RateChange change, String who, double day, boolean lasts) {
        Interval times = change.times();
        return new RateChangeView(
                who,
                watched(change.before()),
                watched(change.after()),
                change.isKnown()
                        ? "× " + Numbers.plain(change.help().middle(), 2) + " (90 %: " + Numbers.plain(times.low(), 2)
                                + " to " + Numbers.plain(times.high(), 2) + ")"
                        : "",
                lasts || change.verdict() != RemedyEffect.Outcome.UNCLEAR
                        ? change.verdict().words()
                                + (lasts ? change.hoursToTell(day) : Optional.<Double>empty())
                                        .map(hours ->
                                                ": " + Numbers.plain(hours, 0) + " more hours of watching may show it")
                                        .orElse("")
                        : "too early to say",
                change.verdict() == RemedyEffect.Outcome.WORSE,
                change.how().orElse(null));
    }

    private static String watched(List<Watched> watches) {
        return RateChange.encounters(watches) + " in " + Numbers.plain(RateChange.hours(watches), 1) + " h";
    }
}
