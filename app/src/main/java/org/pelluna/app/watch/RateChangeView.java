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
    static RateChangeView of(RemedyEffect of, RateChange change, String who, double day) {
        RemedyEffect.Outcome outcome = of.of(change);
        boolean lasts = of.remedy().until().isEmpty() && outcome != RemedyEffect.Outcome.MIXED;
        Interval times = change.times();
        return new RateChangeView(
                who,
                watched(change.before()),
                watched(change.after()),
                change.isKnown()
                        ? "× " + Numbers.plain(change.help().middle(), 2) + " (90 %: " + Numbers.plain(times.low(), 2)
                                + " to " + Numbers.plain(times.high(), 2) + ")"
                        : "",
                lasts || outcome != RemedyEffect.Outcome.UNCLEAR
                        ? outcome.words()
                                + (lasts ? change.hoursToTell(day) : Optional.<Double>empty())
                                        .map(hours ->
                                                ": " + Numbers.plain(hours, 0) + " more hours of watching may show it")
                                        .orElse("")
                        : "not clear",
                outcome == RemedyEffect.Outcome.WORSE,
                change.how().orElse(null));
    }

    private static String watched(List<Watched> watches) {
        return RateChange.encounters(watches) + " in " + Numbers.plain(RateChange.hours(watches), 1) + " h";
    }
}
