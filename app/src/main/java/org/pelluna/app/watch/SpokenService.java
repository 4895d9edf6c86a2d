package org.pelluna.app.watch;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.pelluna.app.storage.JournalStore;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.TankStore;
import org.pelluna.app.storage.WaterTestStore;
import org.pelluna.app.web.RefusedException;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.watch.CrewCount;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.watch.RollCall;
import org.pelluna.core.watch.Sign;
import org.pelluna.core.words.Understood;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what a line of words says, all of it or nothing, and takes it back by one press. A line sent twice is kept once. */
@Service
@Transactional
class SpokenService {
    private final TankStore tanks;
    private final RecordStore record;
    private final JournalStore journal;
    private final WaterTestStore tests;

    SpokenService(TankStore tanks, RecordStore record, JournalStore journal, WaterTestStore tests) {
        this.tanks = tanks;
        this.record = record;
        this.journal = journal;
        this.tests = tests;
    }

    /**
     * Keeps a line.
     *
     * @throws RefusedException if it says more than one line should
     */
    void keep(UUID keeperId, UUID tankId, String form, Understood line) {
        Understood.What what =
                line.what().orElseThrow(() -> new RefusedException("not saved: we understood none of it"));
        SpokenEntries.of(form, line).forEach(entry -> record.addEntry(keeperId, tankId, entry));
        if (what instanceof Understood.Found one) {
            journal.add(
                    keeperId,
                    tankId,
                    new RollCall(SpokenKey.of(form, 0), line.at(), Map.of(one.fish(), one.state()), Optional.empty()));
        } else if (what instanceof Understood.Shows one) {
            journal.add(
                    keeperId,
                    tankId,
                    new Sign(
                            SpokenKey.of(form, 0),
                            line.at(),
                            one.fish(),
                            one.sign(),
                            Optional.empty(),
                            Optional.empty()),
                    Optional.empty());
        } else if (what instanceof Understood.Tested one) {
            List<WaterTest> measured = new ArrayList<>();
            for (Understood.Reading reading : one.readings()) {
                measured.add(new WaterTest(
                        SpokenKey.of(form, measured.size()), line.at().toLocalDate(), reading.kind(), reading.value()));
            }
            tests.add(keeperId, tankId, measured);
        } else if (what instanceof Understood.Crew one) {
            crew(keeperId, tankId, form, line, one);
        }
    }

    /** Of animals that are on record their group and smallest length are known. */
    private void crew(UUID keeperId, UUID tankId, String form, Understood line, Understood.Crew one) {
        CrewCount last = tanks.plan(keeperId, tankId).observations().crew().stream()
                .filter(count -> count.name().equals(one.name()))
                .reduce((before, later) -> later)
                .orElseThrow(() -> new NotFoundException("animals"));
        journal.add(
                keeperId,
                tankId,
                new CrewCount(
                        SpokenKey.of(form, 0),
                        line.at().toLocalDate(),
                        last.group(),
                        last.name(),
                        one.kind(),
                        one.count(),
                        last.smallestCm()));
    }

    /** Takes a line back, whatever it said. */
    void undo(UUID keeperId, UUID tankId, String form) {
        TankPlan plan = tanks.plan(keeperId, tankId);
        Set<String> entries = plan.log().stream().map(LogEntry::id).collect(Collectors.toSet());
        Set<String> tested = plan.waterTests().stream().map(WaterTest::id).collect(Collectors.toSet());
        for (int part = 0; part < SpokenEntries.MOST; part++) {
            String key = SpokenKey.of(form, part);
            if (entries.contains(key)) {
                record.removeEntry(keeperId, tankId, key);
            } else if (tested.contains(key)) {
                tests.remove(keeperId, tankId, key);
            }
        }
        String first = SpokenKey.of(form, 0);
        if (journal.has(keeperId, tankId, first)) {
            journal.remove(keeperId, tankId, first);
        }
    }
}
