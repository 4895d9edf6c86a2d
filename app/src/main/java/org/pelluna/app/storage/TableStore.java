package org.pelluna.app.storage;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.watch.LogEntry;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Tables that keepers bring: kept as drafts, and taken into the record piece by piece, so that progress can be shown. */
@Service
public class TableStore {
    private static final int PIECE = 500;

    private final TankStore tanks;
    private final RecordStore record;
    private final WaterTestStore waterTests;
    private final Rows.Drafts drafts;
    private final Quotas quotas;
    private final TransactionTemplate transaction;
    private final Clock clock;

    TableStore(
            TankStore tanks,
            RecordStore record,
            WaterTestStore waterTests,
            Rows.Drafts drafts,
            Quotas quotas,
            TransactionTemplate transaction,
            Clock clock) {
        this.tanks = tanks;
        this.record = record;
        this.waterTests = waterTests;
        this.drafts = drafts;
        this.quotas = quotas;
        this.transaction = transaction;
        this.clock = clock;
    }

    /**
     * Keeps a table as brought; a form sent twice keeps one.
     *
     * @param formKey the form's own key; it means nothing beyond this tank
     * @return the key of the draft
     */
    public UUID bring(UUID keeperId, UUID tankId, UUID formKey, TableDraft.Kind kind, String content) {
        tanks.get(keeperId, tankId);
        return drafts.findByTankIdAndFormKey(tankId, formKey)
                .orElseGet(() -> {
                    quotas.forDraft(keeperId);
                    return drafts.saveAndFlush(new TableDraft(tankId, formKey, kind, content, clock.instant()));
                })
                .id();
    }

    /**
     * A draft.
     *
     * @throws NotFoundException if the keeper's tank has no such draft
     */
    public TableDraft get(UUID keeperId, UUID tankId, UUID id) {
        tanks.get(keeperId, tankId);
        return drafts.findByIdAndTankId(id, tankId).orElseThrow(() -> new NotFoundException("table"));
    }

    public void takeLog(UUID keeperId, UUID tankId, UUID id, List<LogEntry> entries) {
        take(keeperId, tankId, id, entries, LogEntry::id, piece -> record.addEntries(keeperId, tankId, piece));
    }

    public void takeTests(UUID keeperId, UUID tankId, UUID id, List<WaterTest> tests) {
        take(keeperId, tankId, id, tests, WaterTest::id, piece -> waterTests.add(keeperId, tankId, piece));
    }

    public void takeLosses(UUID keeperId, UUID tankId, UUID id, List<Loss> losses) {
        take(
                keeperId,
                tankId,
                id,
                losses,
                Loss::id,
                piece -> piece.forEach(loss -> record.addLoss(keeperId, tankId, loss)));
    }

    /** Says how many rows are to come. */
    public void begin(UUID keeperId, UUID tankId, UUID id, int rows) {
        transaction.executeWithoutResult(status -> {
            TableDraft draft = get(keeperId, tankId, id);
            draft.begun(rows);
            drafts.save(draft);
        });
    }

    private <T> void take(
            UUID keeperId, UUID tankId, UUID id, List<T> values, Function<T, String> key, Consumer<List<T>> add) {
        for (int from = 0; from < values.size(); from += PIECE) {
            List<T> piece = new ArrayList<>(values.subList(from, Math.min(values.size(), from + PIECE)));
            int done = from + piece.size();
            transaction.executeWithoutResult(status -> {
                add.accept(piece);
                TableDraft draft = get(keeperId, tankId, id);
                draft.progressed(done);
                drafts.save(draft);
            });
        }
        transaction.executeWithoutResult(status -> {
            TableDraft draft = get(keeperId, tankId, id);
            draft.finished(values.stream().map(key).toList());
            drafts.save(draft);
        });
    }

    /** Takes back everything a table brought in. */
    public void undo(UUID keeperId, UUID tankId, UUID id) {
        transaction.executeWithoutResult(status -> {
            TableDraft draft = get(keeperId, tankId, id);
            for (String key : draft.takenKeys()) {
                switch (draft.kind()) {
                    case LOG -> record.removeEntry(keeperId, tankId, key);
                    case TESTS -> waterTests.remove(keeperId, tankId, key);
                    case LOSSES -> record.removeLoss(keeperId, tankId, key);
                }
            }
        });
    }
}
