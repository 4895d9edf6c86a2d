package org.pelluna.core.tension;

import java.util.List;
import java.util.Optional;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.watch.Remedy;

/**
 * What could be done now for a fish that is attacked: each way with the pressure on it afterwards, its days, what it costs, and
 * whether it can be taken back.
 *
 * @param way which way it is; of each there is at most one
 * @param kind the remedy it is, if it is one
 * @param title what it is called
 * @param words what is done
 * @param pressure what the fish would suffer from all others together in the first week after, encounters/h
 * @param later and three weeks after
 * @param days days until it is done
 * @param cost what it costs beside time
 * @param reversible whether it can be taken back
 * @param from who would press it hardest then
 * @param steps what to do, for the calendar
 */
public record RemedyOption(
        Way way,
        Optional<Remedy.Kind> kind,
        String title,
        String words,
        double pressure,
        double later,
        int days,
        String cost,
        boolean reversible,
        String from,
        List<Step> steps) {

    /** Every way out, the mildest first as keepers try them. */
    public enum Way {
        WAIT,
        MORE_FOOD,
        FRESH_ROCK,
        MIRROR,
        BOX,
        ROCK_MOVED,
        BULLY_OUT,
        RIVALS_TOGETHER,
        OTHER_TANK,
        REHOME,
        REHOME_BULLY
    }

    /** Something to do so many days from today. */
    public record Step(int inDays, String words) {}

    /**
     * The ways out for one fish, the mildest first as keepers try them. The first is to wait, unless the fish was pinned or hurt or
     * did not eat in the last days: then waiting is the last.
     *
     * @param stock the plan, with what was learned of each fish
     * @param fish the fish that is attacked
     */
    public static List<RemedyOption> of(ResolvedPlan stock, Fish fish) {
        return new RemedyOptions(stock, fish).all();
    }
}
