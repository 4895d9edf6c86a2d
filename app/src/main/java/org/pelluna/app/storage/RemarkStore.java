package org.pelluna.app.storage;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Remarks of those who have the link to a plan. They need no account; so there are few an hour, and none stands without the keeper. */
@Service
@Transactional
public class RemarkStore {
    private static final Duration SOON = Duration.ofHours(1);

    /** Remarks of one sender within an hour. */
    static final int MOST_OF_ONE = 5;

    /** Remarks by one link within an hour. */
    static final int MOST_OF_ALL = 30;

    /** Remarks of a tank that wait for its keeper. */
    static final int MOST_WAITING = 100;

    private final TankStore tanks;
    private final ShareStore shares;
    private final Rows.Remarks remarks;
    private final Clock clock;

    RemarkStore(TankStore tanks, ShareStore shares, Rows.Remarks remarks, Clock clock) {
        this.tanks = tanks;
        this.shares = shares;
        this.remarks = remarks;
        this.clock = clock;
    }

    /** What became of a remark that was sent. */
    public enum Sent {
        KEPT,
        TOO_MANY
    }

    /**
     * Keeps a remark for the keeper to look at. Sent twice with one key, it is kept once.
     *
     * @param token of the link
     * @param about the fish or the wish; empty for the whole plan
     * @param address where it was sent from; only a hash with the token in it is kept, which tells senders of one link apart and nothing else
     * @throws NotFoundException if the link is unknown or revoked
     */
    public Sent say(String token, UUID formKey, Optional<String> about, String author, String words, String address) {
        String sender = ShareStore.hash(address + " " + token);
        ShareRow share = shares.share(token, ShareStore.Purpose.PLAN);
        // The row of the tank is locked, so that two at once cannot both be the last that is allowed.
        tanks.own(shares.keeperOf(share), share.tankId());
        if (remarks.existsByShareIdAndFormKey(share.id(), formKey)) {
            return Sent.KEPT;
        }
        Instant since = clock.instant().minus(SOON);
        if (remarks.countByShareIdAndSenderAndSaidAtAfter(share.id(), sender, since) >= MOST_OF_ONE
                || remarks.countByShareIdAndSaidAtAfter(share.id(), since) >= MOST_OF_ALL
                || remarks.countByTankIdAndState(share.tankId(), RemarkRow.State.WAITS) >= MOST_WAITING) {
            return Sent.TOO_MANY;
        }
        remarks.save(new RemarkRow(share, formKey, about, author, words, sender, clock.instant()));
        return Sent.KEPT;
    }

    /** What stands beside a plan, the first said first. */
    @Transactional(readOnly = true)
    public List<RemarkRow> standing(UUID keeperId, UUID tankId) {
        return of(keeperId, tankId).stream()
                .filter(one -> one.state() == RemarkRow.State.STANDS)
                .toList();
    }

    /** What was remarked and not removed, the first said first. */
    @Transactional(readOnly = true)
    public List<RemarkRow> of(UUID keeperId, UUID tankId) {
        tanks.get(keeperId, tankId);
        return remarks.findByTankIdAndStateNotOrderBySaidAt(tankId, RemarkRow.State.REMOVED);
    }

    /**
     * Lets a remark stand, wait or go.
     *
     * @return what it was before
     * @throws NotFoundException if the keeper has no such tank, or the tank no such remark
     */
    public RemarkRow.State decide(UUID keeperId, UUID tankId, UUID remarkId, RemarkRow.State next) {
        tanks.own(keeperId, tankId);
        RemarkRow row = remarks.findByIdAndTankId(remarkId, tankId).orElseThrow(() -> new NotFoundException("remark"));
        RemarkRow.State before = row.state();
        row.becomes(next);
        return before;
    }
}
