package org.pelluna.app.losses;

import java.util.UUID;
import org.pelluna.app.moves.LostGuests;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.core.losses.Loss;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Losses, each with what follows from it in the tank for which the fish waited. */
@Service
@Transactional
class LossService {
    private final RecordStore record;
    private final LostGuests guests;

    LossService(RecordStore record, LostGuests guests) {
        this.record = record;
        this.guests = guests;
    }

    void add(UUID keeperId, UUID tankId, Loss loss) {
        record.addLoss(keeperId, tankId, loss);
        guests.lost(keeperId, tankId, loss);
    }

    void remove(UUID keeperId, UUID tankId, String key) {
        record.removeLoss(keeperId, tankId, key);
        guests.lossTakenBack(keeperId, key);
    }

    void restore(UUID keeperId, UUID tankId, String key) {
        record.restoreLoss(keeperId, tankId, key);
        guests.lossAgain(keeperId, key);
    }
}
