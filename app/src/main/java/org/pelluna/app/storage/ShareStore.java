package org.pelluna.app.storage;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.core.plan.OwnSpecies;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Links to one tank for those without an account: each reaches one thing and can do nothing else. */
@Service
@Transactional
public class ShareStore {
    /** Wishes a tank may hold before its links take no more. */
    static final int MOST_WISHES = 150;

    /** What a link is for. */
    public enum Purpose {
        /** The family adds wishes. */
        WISHES,
        /** A calendar reads the arrivals. */
        CALENDAR,
        /** A friend looks at the plan and may remark on it. */
        PLAN
    }

    /**
     * What a link to a plan shows beside it.
     *
     * @param keeper the keeper's name
     * @param log what was seen in the tank
     */
    public record Shows(boolean keeper, boolean log) {
        static final Shows NOTHING = new Shows(false, false);
    }

    private static final int TOKEN_BYTES = 24;

    private final TankStore tanks;
    private final Rows.Shares shares;
    private final Rows.Wishes wishes;
    private final Rows.Tanks tankRows;
    private final Rows.OwnSpecies own;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    ShareStore(
            TankStore tanks,
            Rows.Shares shares,
            Rows.Wishes wishes,
            Rows.Tanks tankRows,
            Rows.OwnSpecies own,
            Clock clock) {
        this.own = own;
        this.tanks = tanks;
        this.shares = shares;
        this.wishes = wishes;
        this.tankRows = tankRows;
        this.clock = clock;
    }

    /** Makes a new link, and with it ends the ones before; its token can be shown this once. */
    public String open(UUID keeperId, UUID tankId, Purpose purpose) {
        return open(keeperId, tankId, purpose, Shows.NOTHING);
    }

    /** Makes a new link that shows more than it must. */
    public String open(UUID keeperId, UUID tankId, Purpose purpose, Shows shows) {
        revoke(keeperId, tankId, purpose);
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        shares.save(new ShareRow(tankId, purpose, hash(token), clock.instant()).showing(shows));
        return token;
    }

    /** Ends every link of the tank for a purpose. */
    public void revoke(UUID keeperId, UUID tankId, Purpose purpose) {
        tanks.own(keeperId, tankId);
        shares.findByTankIdAndPurposeAndRevokedAtIsNull(tankId, purpose)
                .forEach(share -> share.revoked(clock.instant()));
    }

    /** What the open link to a tank's plan shows; empty if there is none. */
    @Transactional(readOnly = true)
    public Optional<Shows> shown(UUID keeperId, UUID tankId) {
        tanks.get(keeperId, tankId);
        return shares.findByTankIdAndPurposeAndRevokedAtIsNull(tankId, Purpose.PLAN).stream()
                .map(ShareRow::shows)
                .findFirst();
    }

    /** Whether a link of the tank for a purpose is open. */
    @Transactional(readOnly = true)
    public boolean isOpen(UUID keeperId, UUID tankId, Purpose purpose) {
        tanks.get(keeperId, tankId);
        return !shares.findByTankIdAndPurposeAndRevokedAtIsNull(tankId, purpose).isEmpty();
    }

    /**
     * What the family sees: the tank's name and what has been wished for.
     *
     * @param tankName the tank
     * @param wishes the wishes of the tank
     * @param ownSpecies what the keeper added to the catalogue for it
     */
    public record Shared(String tankName, List<Wish> wishes, List<OwnSpecies> ownSpecies) {}

    /**
     * The tank behind a link.
     *
     * @throws NotFoundException if the link is unknown or revoked, or its tank is gone
     */
    @Transactional(readOnly = true)
    public Shared behind(String token) {
        TankRow tank = tank(token, Purpose.WISHES);
        return new Shared(
                tank.name(),
                wishes.findByTankIdAndRemovedAtIsNullAndArrivedOnIsNullOrderByPlace(tank.id()).stream()
                        .map(WishRow::toCore)
                        .toList(),
                own.findByTankIdOrderByPlanKey(tank.id()).stream()
                        .map(OwnSpeciesRow::toCore)
                        .toList());
    }

    /**
     * The plan behind a calendar's link.
     *
     * @throws NotFoundException if the link is unknown or revoked, or its tank is gone
     */
    @Transactional(readOnly = true)
    public TankPlan planBehind(String token) {
        TankRow tank = tank(token, Purpose.CALENDAR);
        return tanks.plan(tank.keeperId(), tank.id());
    }

    /**
     * A plan that is shown.
     *
     * @param keeperId whose it is
     * @param tankId the tank
     * @param shows what is shown beside it
     */
    public record ShownPlan(UUID keeperId, UUID tankId, Shows shows) {}

    /**
     * The plan that a link shows.
     *
     * @throws NotFoundException if the link is unknown or revoked, or its tank is gone
     */
    @Transactional(readOnly = true)
    public ShownPlan plan(String token) {
        ShareRow share = share(token, Purpose.PLAN);
        return new ShownPlan(keeperOf(share), share.tankId(), share.shows());
    }

    /**
     * Adds a wish through a link; a wish whose key is known already changes nothing.
     *
     * @return whether there was room for it
     * @throws NotFoundException if the link is unknown or revoked
     */
    public boolean addWish(String token, Wish wish) {
        UUID tankId = tank(token, Purpose.WISHES).id();
        tanks.own(tank(token, Purpose.WISHES).keeperId(), tankId);
        if (wishes.countByTankIdAndRemovedAtIsNullAndArrivedOnIsNull(tankId) >= MOST_WISHES) {
            return false;
        }
        if (wishes.findByTankIdAndPlanKey(tankId, wish.id().key()).isEmpty()) {
            wishes.saveAndFlush(new WishRow(tankId, wishes.nextPlace(tankId), wish));
        }
        return true;
    }

    ShareRow share(String token, Purpose purpose) {
        return shares.findByTokenHashAndPurposeAndRevokedAtIsNull(hash(token), purpose)
                .orElseThrow(() -> new NotFoundException("link"));
    }

    UUID keeperOf(ShareRow share) {
        return tankOf(share).keeperId();
    }

    private TankRow tankOf(ShareRow share) {
        return tankRows.findByIdAndRemovedAtIsNull(share.tankId()).orElseThrow(() -> new NotFoundException("link"));
    }

    private TankRow tank(String token, Purpose purpose) {
        return tankOf(share(token, purpose));
    }

    /** A hash that cannot be turned back. */
    static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
