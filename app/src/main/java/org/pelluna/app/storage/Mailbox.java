package org.pelluna.app.storage;

import java.time.Clock;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The stand-in for a mailbox: messages are kept and shown in the application. Each episode is told once; what is written in the
 * keeper's quiet time is held back until it ends.
 */
@Service
@Transactional
public class Mailbox {
    private final Rows.Messages messages;
    private final Rows.Tanks tanks;
    private final Keepers keepers;
    private final Clock clock;

    Mailbox(Rows.Messages messages, Rows.Tanks tanks, Keepers keepers, Clock clock) {
        this.messages = messages;
        this.tanks = tanks;
        this.keepers = keepers;
        this.clock = clock;
    }

    /**
     * Tells the keeper of a tank something, unless this episode was told before.
     *
     * @return whether it is new
     */
    public boolean tell(UUID tankId, String episode, String subject, String body) {
        if (messages.existsByTankIdAndEpisode(tankId, episode)) {
            return false;
        }
        UUID keeperId = tanks.findById(tankId)
                .orElseThrow(() -> new NotFoundException("tank"))
                .keeperId();
        KeeperRow keeper = keepers.findById(keeperId).orElseThrow();
        ZonedDateTime now = ZonedDateTime.now(clock);
        messages.saveAndFlush(new MessageRow(
                keeperId,
                tankId,
                episode,
                subject,
                body,
                now.toInstant(),
                afterQuiet(now.toLocalDateTime(), keeper.quietFrom(), keeper.quietUntil())
                        .atZone(now.getZone())
                        .toInstant()));
        return true;
    }

    /** The same moment, or the end of the quiet time it lies in; a quiet time may run past midnight. */
    static LocalDateTime afterQuiet(LocalDateTime now, LocalTime from, LocalTime until) {
        LocalTime time = now.toLocalTime();
        boolean overnight = until.isBefore(from);
        boolean quiet =
                overnight ? !time.isBefore(from) || time.isBefore(until) : !time.isBefore(from) && time.isBefore(until);
        if (!quiet) {
            return now;
        }
        boolean tomorrow = overnight && !time.isBefore(from);
        return now.toLocalDate().plusDays(tomorrow ? 1 : 0).atTime(until);
    }

    /** The messages a keeper may read by now, the latest first. */
    @Transactional(readOnly = true)
    public List<MessageRow> of(UUID keeperId) {
        return messages.findTop100ByKeeperIdAndDueAtLessThanEqualOrderByDueAtDesc(keeperId, clock.instant());
    }

    /** Messages not read yet. */
    @Transactional(readOnly = true)
    public int unread(UUID keeperId) {
        return messages.countByKeeperIdAndReadAtIsNullAndDueAtLessThanEqual(keeperId, clock.instant());
    }

    /** Marks everything that is due as read. */
    public void readAll(UUID keeperId) {
        of(keeperId).forEach(message -> {
            if (!message.isRead()) {
                message.read(clock.instant());
                messages.save(message);
            }
        });
    }
}
