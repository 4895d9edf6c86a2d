package org.pelluna.app.losses;

import java.util.UUID;
import org.pelluna.app.moves.MoveService;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.core.losses.Loss;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Losses, each with what follows from it in the tank for which the fish waited. */
@Service
@Transactional
class LossService {
    private final RecordStore record;
    private final MoveService moves;

    LossService(RecordStore record, MoveService moves) {
        this.record = record;
        this.moves = moves;
    }

    void add(UUID keeperId, UUID tankId, Loss loss) {
        record.addLoss(keeperId, tankId, loss);
        moves.lost(keeperId, tankId, loss);
    }

    void remove(UUID keeperId, UUID tankId, String key) {
        record.removeLoss(keeperId, tankId, key);
        moves.lossTakenBack(keeperId, key);
    }

    void restore(UUID keeperId, UUID tankId, String key) {
        record.restoreLoss(keeperId, tankId, key);
        moves.lossAgain(keeperId, key);
    }
}
