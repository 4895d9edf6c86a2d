package org.pelluna.app.arrivals;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.pelluna.app.storage.HappeningStore;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.RecordStore;
import org.pelluna.app.storage.ScheduleStore;
import org.pelluna.app.web.FormKey;
import org.pelluna.app.web.RefusedException;
import org.pelluna.app.web.SpeciesLookup;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.plan.Happening;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.Setback;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.plan.Wish;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.Species;
import org.pelluna.core.watch.LogEntry;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What happens to arrivals: each in one transaction, made of the plan as it is in that transaction. */
@Service
@Transactional
public class ArrivalService {
    private static final int LONGEST_WAIT = 730;
    private static final int LONGEST_NAME = 55;

    private final HappeningStore happenings;
    private final RecordStore record;
    private final ScheduleStore schedules;
    private final Catalogue catalogue;
    private final SpeciesLookup named;
    private final Clock clock;

    ArrivalService(
            HappeningStore happenings,
            RecordStore record,
            ScheduleStore schedules,
            Catalogue catalogue,
            SpeciesLookup named,
            Clock clock) {
        this.happenings = happenings;
        this.record = record;
        this.schedules = schedules;
        this.catalogue = catalogue;
        this.named = named;
        this.clock = clock;
    }

    /**
     * Fish that went into the display.
     *
     * @param on the day
     * @param lengthCm how long each is, cm
     * @param name what to call them, if not by their species; several are numbered
     * @param came where they came from, how, and for how much
     * @param count how many of the wish they are; empty for all
     */
    public record Fish(
            LocalDate on,
            double lengthCm,
            Optional<String> name,
            Optional<Resident.Acquisition> came,
            Optional<Integer> count) {}

    /**
     * Records that the fish of a wish have arrived.
     *
     * @return what arrived; empty if the wish is not on the list any more
     * @throws RefusedException if the day or the name cannot be
     */
    public Optional<String> arrive(UUID keeperId, UUID tankId, String wishKey, Fish fish) {
        if (fish.on().isAfter(LocalDate.now(clock))) {
            throw new RefusedException("an arrival can be marked done on its day or later, not before");
        }
        if (fish.name().filter(words -> words.length() > LONGEST_NAME).isPresent()) {
            throw new RefusedException("a name has at most " + LONGEST_NAME + " characters");
        }
        if (!record.isOnTheList(keeperId, tankId, wishKey)) {
            return Optional.empty();
        }
        String[] arrived = new String[1];
        happenings.record(keeperId, tankId, FormKey.fresh(), plan -> {
            Wish wish = wish(plan, wishKey);
            guestsStay(plan, wish, "move them into the display from its page");
            Species species = plan.species(catalogue).get(wish.speciesId());
            int count = some(fish.count(), wish);
            arrived[0] = (count < wish.count() ? count + " of " + wish.count() + " " : "") + species.commonName();
            List<Resident> residents = RefusedException.unless(() -> residents(plan, wish, species, fish, count));
            return new Happening.Arrived(
                    new WishId(wishKey),
                    residents,
                    residents.stream().map(ArrivalService::entry).toList());
        });
        return Optional.ofNullable(arrived[0]);
    }

    /** What happens to fish in a quarantine tank of the keeper's happens there. */
    private static void guestsStay(TankPlan plan, Wish wish, String instead) {
        if (plan.schedule().outOfQuarantine(wish.id()).isPresent()) {
            throw new RefusedException("the fish of this wish are in your quarantine tank; " + instead);
        }
    }

    /** How many of a wish are meant; all, if nobody says. */
    private static int some(Optional<Integer> count, Wish wish) {
        if (count.filter(some -> some < 1 || some > wish.count()).isPresent()) {
            throw new RefusedException("this wish is for " + wish.count() + " fish: 1 to " + wish.count() + " of them");
        }
        return count.orElse(wish.count());
    }

    /** Several are numbered, after those of the name that are here. */
    private static List<Resident> residents(TankPlan plan, Wish wish, Species species, Fish fish, int count) {
        String called = fish.name().orElse(species.commonName());
        Set<String> taken = plan.residents().stream().map(Resident::name).collect(Collectors.toSet());
        Iterator<String> names = IntStream.iterate(1, i -> i + 1)
                .mapToObj(i -> called + " " + i)
                .filter(name -> !taken.contains(name))
                .iterator();
        return IntStream.range(0, count)
                .mapToObj(i -> new Resident(
                        new FishId(FormKey.fresh()),
                        wish.speciesId(),
                        wish.count() == 1 ? called : names.next(),
                        fish.on(),
                        fish.lengthCm(),
                        Optional.empty(),
                        wish.individual(),
                        fish.came(),
                        wish.lifeFrom(fish.on())))
                .toList();
    }

    private static LogEntry entry(Resident resident) {
        return new LogEntry(
                FormKey.fresh(),
                resident.arrivedOn().atTime(LocalTime.of(21, 0)),
                LogEntry.Kind.ARRIVAL,
                Optional.empty(),
                Optional.of(resident.id()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /**
     * Takes the arrival of a wish back.
     *
     * @throws org.pelluna.app.storage.UndoBlockedException if the record speaks of the fish since
     */
    public void undoArrival(UUID keeperId, UUID tankId, String wishKey) {
        if (!happenings.undoArrival(keeperId, tankId, wishKey)) {
            record.undoArrival(keeperId, tankId, wishKey);
        }
    }

    /**
     * Something that did not go by the plan, as its keeper tells it.
     *
     * @param kind what happened
     * @param days how long the arrival is put off, where it is
     * @param note the keeper's words
     * @param instead what comes or is wanted instead, by any of its names
     * @param count how many of the fish died; empty for all
     */
    public record Told(
            Setback.Kind kind, int days, Optional<String> note, Optional<String> instead, Optional<Integer> count) {}

    /**
     * Records a setback; the plan goes on from today.
     *
     * @param formKey the form's key, by which it is taken back
     * @return the sentence that tells it; empty if the same form was recorded before
     * @throws RefusedException if the days or the other fish cannot be
     */
    public Optional<String> setBack(UUID keeperId, UUID tankId, String wishKey, String formKey, Told told) {
        if (told.days() < 1 || told.days() > LONGEST_WAIT) {
            throw new RefusedException("an arrival is put off by 1 to " + LONGEST_WAIT + " days");
        }
        String[] sentence = new String[1];
        happenings.record(keeperId, tankId, formKey, plan -> {
            Wish wish = wish(plan, wishKey);
            Species species = plan.species(catalogue).get(wish.speciesId());
            sentence[0] = species.commonName() + " " + told.kind().words();
            return happening(plan, wish, species, formKey, told);
        });
        return Optional.ofNullable(sentence[0]);
    }

    private Happening happening(TankPlan plan, Wish wish, Species species, String formKey, Told told) {
        LocalDate today = plan.asOf();
        if (told.kind() != Setback.Kind.LATE) {
            guestsStay(plan, wish, "record there what happened to them");
        }
        boolean died = told.kind() == Setback.Kind.DIED;
        int count = died ? some(told.count(), wish) : wish.count();
        Setback setback = new Setback(
                formKey,
                today,
                told.kind(),
                (count < wish.count() ? count + " of " + wish.count() + " " : "") + species.commonName(),
                died ? wish.price().map(all -> all * count / wish.count()) : Optional.empty(),
                told.note());
        if (died && count < wish.count()) {
            return new Happening.SomeDied(wish.id(), setback, count);
        }
        LocalDate until = today.plusDays(told.days());
        return switch (told.kind()) {
            case LATE, NOT_FOUND -> new Happening.Delayed(wish.id(), setback, until);
            case SICK -> new Happening.FellIll(wish.id(), setback, until);
            case DIED ->
                new Happening.CameToNothing(
                        wish.id(),
                        setback,
                        told.instead().map(words -> replacement(formKey, wish, named(plan, words))));
            case SWAPPED ->
                new Happening.CameToNothing(
                        wish.id(),
                        setback,
                        Optional.of(replacement(
                                formKey, wish, named(plan, told.instead().orElse("")))));
        };
    }

    private static Wish replacement(String formKey, Wish wish, Species species) {
        return new Wish(
                new WishId("r" + formKey),
                species.id(),
                wish.count(),
                species.id().equals(wish.speciesId()) ? wish.lengthCm() : Optional.empty(),
                wish.askedBy(),
                Wish.Decision.OPEN,
                Optional.empty(),
                wish.price(),
                Optional.empty());
    }

    /** Takes a setback back, with all that it had changed. */
    public void undoSetback(UUID keeperId, UUID tankId, String wishKey, String setbackKey) {
        if (happenings.knows(keeperId, tankId, setbackKey)) {
            happenings.undo(keeperId, tankId, setbackKey);
            return;
        }
        // A setback of the time before its inverse was kept: what it changed beside the wish is not known any more.
        schedules.change(
                keeperId,
                tankId,
                schedule ->
                        schedule.withoutSetback(setbackKey).only(id -> !id.key().equals(wishKey)));
        record.reopen(keeperId, tankId, wishKey);
    }

    private Species named(TankPlan plan, String words) {
        return named.meant(plan, null, words)
                .orElseThrow(() -> new RefusedException(named.fault(plan.ownSpecies(), words)));
    }

    private static Wish wish(TankPlan plan, String key) {
        return plan.wishes().stream()
                .filter(one -> one.id().key().equals(key))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("wish"));
    }
}
