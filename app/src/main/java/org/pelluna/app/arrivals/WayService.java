package org.pelluna.app.arrivals;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.app.storage.HappeningStore;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.core.arrival.Alternative;
import org.pelluna.core.arrival.ArrivalPlan;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.watch.Task;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes one of the ways to bring all in: the order, and the tasks that go with it, in one transaction. */
@Service
@Transactional
class WayService {
    private static final String BEST = "best";

    private final HappeningStore happenings;
    private final JournalStore journal;

    WayService(HappeningStore happenings, JournalStore journal) {
        this.happenings = happenings;
        this.journal = journal;
    }

    /**
     * Takes a way.
     *
     * @param stock the plan by which the way was computed
     * @param order the order as it is
     */
    void take(UUID keeperId, UUID tankId, String formKey, Alternative way, ResolvedPlan stock, ArrivalPlan order) {
        String key = FormKey.checked(formKey);
        Optional<WishId> without = way.leftOut(stock, order);
        if (without.isPresent()) {
            happenings.record(
                    keeperId,
                    tankId,
                    key,
                    any -> new Happening.Struck(without.get(), "the others arrive more easily without it"));
            return;
        }
        List<List<WishId>> chosen = way.key().equals(BEST) ? List.of() : way.wishOrder(stock);
        if (happenings
                .record(
                        keeperId,
                        tankId,
                        key,
                        plan -> Happening.Ordered.in(plan, chosen, way.way(stock), way.putOffTo(stock)))
                .isPresent()) {
            List<Task> tasks = tasks(key, way, stock);
            if (!tasks.isEmpty()) {
                journal.add(keeperId, tankId, tasks, Optional.empty());
            }
        }
    }

    private static List<Task> tasks(String key, Alternative way, ResolvedPlan stock) {
        List<Task> tasks = new ArrayList<>();
        way.outMeanwhile(stock).ifPresent(bully -> {
            LocalDate today = stock.plan().asOf();
            LocalDate first = way.coming().get(0).on();
            tasks.add(task(
                    key,
                    tasks,
                    first.isAfter(today) ? first.minusDays(1) : today,
                    bully,
                    "Catch " + bully.name() + " before the first arrival, and say on its page where it is"));
            tasks.add(task(key, tasks, way.last(), bully, bully.name() + " back, through the box, as the newcomer"));
        });
        return tasks;
    }

    private static Task task(String key, List<Task> before, LocalDate on, Fish fish, String words) {
        return new Task(key + "-" + before.size(), on, words, false, Optional.of(fish.id()));
    }

    /** Takes back what a form took: the order as it was, and its tasks. */
    void undo(UUID keeperId, UUID tankId, String formKey) {
        happenings.undo(keeperId, tankId, formKey);
        happenings.plan(keeperId, tankId).observations().tasks().stream()
                .map(Task::id)
                .filter(id -> id.startsWith(formKey + "-"))
                .forEach(id -> journal.remove(keeperId, tankId, id));
    }
}
