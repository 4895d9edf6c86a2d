package org.pelluna.core.lead;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.course.Watched;
import org.pelluna.core.id.FishId;
import org.pelluna.core.tension.RateChange;
import org.pelluna.core.tension.RemedyEffect;
import org.pelluna.core.units.Dates;
import org.pelluna.core.units.Numbers;

/** Lead of the remedies: what the latest one did. */
public final class RemediesLead {
    private RemediesLead() {}

    /**
     * What the latest remedy did.
     *
     * @param effects the latest first
     * @param names of the fish that live or lived here
     */
    public static String of(List<RemedyEffect> effects, Map<FishId, String> names, LocalDate today) {
        if (effects.isEmpty()) {
            return "No remedies tried yet.";
        }
        RemedyEffect latest = effects.get(0);
        String what = latest.remedy().kind().words()
                + latest.remedy()
                        .fishId()
                        .flatMap(id -> Optional.ofNullable(names.get(id)))
                        .map(name -> " (" + name + ")")
                        .orElse("");
        String remedy = Character.toUpperCase(what.charAt(0)) + what.substring(1);
        String since = Dates.day(latest.remedy().from(), today);
        return switch (latest.outcome()) {
            case HELPED -> remedy + ": it helped. " + rates(latest.all());
            case MAY_HAVE_HELPED -> remedy + ": it may have helped. " + rates(latest.all()) + " Keep watching.";
            case WORSE -> remedy + ": it did not help. " + rates(latest.all()) + " Try another remedy.";
            case MIXED ->
                remedy + ", since " + since
                        + ": we cannot tell its effect from that of another change. Try one thing at a time.";
            case AWAY ->
                remedy + ", since " + since + ": we can say if it helped once the fish is back with the others.";
            case UNCLEAR, UNKNOWN ->
                latest.remedy().until().isPresent()
                        ? remedy + ", since " + since + ": we cannot say if it helped."
                        : remedy + ", since " + since + ": too early to say if it helps. Keep watching as before.";
        };
    }

    private static String rates(RateChange change) {
        return "Attacks went from " + Numbers.plain(rate(change.before())) + " to "
                + Numbers.plain(rate(change.after())) + " an hour.";
    }

    private static double rate(List<Watched> watches) {
        return RateChange.encounters(watches) / RateChange.hours(watches);
    }
}
