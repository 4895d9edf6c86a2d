package org.pelluna.app.account;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.pelluna.app.storage.KeeperRow;
import org.pelluna.app.storage.Keepers;
import org.springframework.stereotype.Service;

/** What is done to accounts from outside: by the operator, and by the clock. */
@Service
public class AccountMaintenance {
    private final Accounts accounts;
    private final Keepers keepers;
    private final Devices devices;
    private final SignInAttempts guesses;
    private final RecoveryMethods waysBack;
    private final Addresses addresses;
    private final Site site;
    private final Clock clock;

    AccountMaintenance(
            Accounts accounts,
            Keepers keepers,
            Devices devices,
            SignInAttempts guesses,
            RecoveryMethods waysBack,
            Addresses addresses,
            Site site,
            Clock clock) {
        this.accounts = accounts;
        this.keepers = keepers;
        this.devices = devices;
        this.guesses = guesses;
        this.waysBack = waysBack;
        this.addresses = addresses;
        this.site = site;
        this.clock = clock;
    }

    /** Every account. */
    public List<KeeperListing> all() {
        return keepers.findAll().stream()
                .map(row -> new KeeperListing(row.username(), row.createdAt(), row.isLocked(), row.closingAt()))
                .sorted(java.util.Comparator.comparing(KeeperListing::since))
                .toList();
    }

    private KeeperRow named(String username) {
        return keepers.findByUsername(Accounts.name(username))
                .orElseThrow(() -> new IllegalArgumentException("there is no keeper " + username));
    }

    /** Locks an account and signs it out everywhere, or opens it again. */
    public void lock(String username, boolean locked) {
        KeeperRow keeper = accounts.update(named(username).id(), row -> row.lockedAt(locked ? clock.instant() : null));
        if (locked) {
            devices.endAll(keeper.username(), Optional.empty());
        }
    }

    /** A link for a new password, to be handed over, for who has lost everything; the second factor ends with it. */
    public String reset(String username) {
        KeeperRow keeper = accounts.update(named(username).id(), row -> row.secondFactorIs(null));
        return addresses.of("/recover/" + waysBack.newLink(keeper.id(), RecoveryMethods.Purpose.PASSWORD, ""));
    }

    /** Deletes an account and everything in it, at once. */
    public void delete(String username) {
        erase(named(username));
    }

    public void openSignUp(boolean open) {
        site.openSignUp(open);
    }

    private void erase(KeeperRow keeper) {
        devices.endAll(keeper.username(), Optional.empty());
        keepers.deleteById(keeper.id());
    }

    /** Deletes the accounts whose week of grace is over; how many there were. */
    public int closeThoseWhoLeft() {
        List<KeeperRow> over = keepers.findByClosingAtLessThanEqual(clock.instant());
        over.forEach(this::erase);
        return over.size();
    }

    /** Forgets guesses, links and devices that are long over; how many. */
    public int purge() {
        return guesses.purge() + waysBack.purge() + devices.purge();
    }
}
