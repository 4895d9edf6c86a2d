package org.pelluna.app.storage;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.pelluna.core.species.SpeciesFigure;
import org.pelluna.core.tank.Purpose;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** The repositories of all rows that belong to a tank. */
final class Rows {
    private Rows() {}

    interface Tanks extends JpaRepository<TankRow, UUID> {
        List<TankRow> findByKeeperIdAndRemovedAtIsNullOrderByCreatedAt(UUID keeperId);

        List<TankRow> findByKeeperIdAndKindAndRemovedAtIsNullOrderByCreatedAt(UUID keeperId, Purpose.Kind kind);

        Optional<TankRow> findByIdAndKeeperIdAndRemovedAtIsNull(UUID id, UUID keeperId);

        Optional<TankRow> findByIdAndKeeperId(UUID id, UUID keeperId);

        boolean existsByIdAndKeeperId(UUID id, UUID keeperId);

        Optional<TankRow> findByKeeperIdAndFormKey(UUID keeperId, UUID formKey);

        Optional<TankRow> findByIdAndRemovedAtIsNull(UUID id);

        List<TankRow> findByRemovedAtIsNull();

        @Query("select new org.pelluna.app.storage.TankStore$Choice(t.id, t.name, t.kind) from TankRow t"
                + " where t.keeperId = :keeperId and t.removedAt is null order by t.createdAt")
        List<TankStore.Choice> choices(UUID keeperId);

        /** The keeper's tank, held until the transaction ends: changes of one tank come one after the other. */
        @Lock(LockModeType.PESSIMISTIC_WRITE)
        @Query("select t from TankRow t where t.id = :id and t.keeperId = :keeperId")
        Optional<TankRow> hold(UUID id, UUID keeperId);

        /** A tank's revision, and which other quarantine tanks its keeper has with the revision of each. */
        @Query("select new org.pelluna.app.storage.TankState(t.revision, t.logRevision,"
                + " (select coalesce(listagg(cast(q.id as string) || ' ' || cast(q.revision as string), ',')"
                + " within group (order by q.id), '') from TankRow q where q.keeperId = t.keeperId"
                + " and q.kind = 'QUARANTINE' and q.id <> t.id and q.removedAt is null))"
                + " from TankRow t where t.id = :id and t.keeperId = :keeperId and t.removedAt is null")
        Optional<TankState> state(UUID id, UUID keeperId);
    }

    interface Wishes extends JpaRepository<WishRow, UUID> {
        List<WishRow> findByTankIdAndRemovedAtIsNullAndArrivedOnIsNullOrderByPlace(UUID tankId);

        Optional<WishRow> findByTankIdAndPlanKey(UUID tankId, String planKey);

        @Query("select coalesce(max(place), -1) + 1 from WishRow where tankId = :tankId")
        int nextPlace(UUID tankId);

        /** Wishes on the list: not removed, their fish not arrived. */
        int countByTankIdAndRemovedAtIsNullAndArrivedOnIsNull(UUID tankId);

        boolean existsByTankIdAndSpeciesId(UUID tankId, String speciesId);

        /** The keys of the wishes in the plan. */
        @Query("select planKey from WishRow where tankId = :tankId and removedAt is null and arrivedOn is null")
        Set<String> openKeys(UUID tankId);
    }

    interface Residents extends JpaRepository<ResidentRow, UUID> {
        int countByTankIdAndPlanKeyIn(UUID tankId, java.util.Collection<String> planKeys);

        List<ResidentRow> findByTankIdOrderByPlace(UUID tankId);

        List<ResidentRow> findByWishId(UUID wishId);

        Optional<ResidentRow> findByTankIdAndPlanKey(UUID tankId, String planKey);

        @Query("select coalesce(max(place), -1) + 1 from ResidentRow where tankId = :tankId")
        int nextPlace(UUID tankId);

        boolean existsByTankIdAndSpeciesId(UUID tankId, String speciesId);
    }

    interface Happenings extends JpaRepository<HappeningRow, UUID> {
        /** What one move did in every tank of a keeper. */
        @Query("select h from HappeningRow h where h.formKey like concat(:move, '.%')"
                + " and h.tankId in (select t.id from TankRow t where t.keeperId = :keeperId)"
                + " order by h.happenedAt desc, h.formKey desc")
        List<HappeningRow> ofMove(UUID keeperId, String move);

        boolean existsByTankIdAndFormKey(UUID tankId, String formKey);

        Optional<HappeningRow> findByTankIdAndFormKey(UUID tankId, String formKey);

        Optional<HappeningRow> findFirstByTankIdAndSubjectAndUndoneAtIsNullOrderByHappenedAtDesc(
                UUID tankId, String subject);
    }

    interface Logs extends JpaRepository<LogRow, UUID> {
        List<LogRow> findByTankIdAndRemovedAtIsNullOrderBySeenAtAscPlanKeyAsc(UUID tankId);

        Optional<LogRow> findByTankIdAndPlanKey(UUID tankId, String planKey);
    }

    interface Losses extends JpaRepository<LossRow, UUID> {
        List<LossRow> findByTankIdAndRemovedAtIsNullOrderByLostOnAscPlanKeyAsc(UUID tankId);

        Optional<LossRow> findByTankIdAndPlanKey(UUID tankId, String planKey);
    }

    interface OwnSpecies extends JpaRepository<OwnSpeciesRow, UUID> {
        List<OwnSpeciesRow> findByTankIdOrderByPlanKey(UUID tankId);

        Optional<OwnSpeciesRow> findByTankIdAndPlanKey(UUID tankId, String planKey);

        List<OwnSpeciesRow> findByTankIdAndBroughtBy(UUID tankId, String move);
    }

    interface OwnFigures extends JpaRepository<OwnFigureRow, UUID> {
        List<OwnFigureRow> findByKeeperIdAndHiddenFalseOrderBySpeciesIdAscFigureAsc(UUID keeperId);

        List<OwnFigureRow> findByBroughtBy(UUID tankId);

        Optional<OwnFigureRow> findByKeeperIdAndSpeciesIdAndFigure(
                UUID keeperId, String speciesId, SpeciesFigure figure);

        long countByKeeperId(UUID keeperId);
    }

    interface Schedules extends JpaRepository<ScheduleRow, UUID> {}

    interface WaterTests extends JpaRepository<WaterTestRow, UUID> {
        List<WaterTestRow> findByTankIdAndRemovedAtIsNullOrderByTestedOnAscPlanKeyAsc(UUID tankId);

        Optional<WaterTestRow> findByTankIdAndPlanKey(UUID tankId, String planKey);
    }

    interface Observations extends JpaRepository<JournalRow, UUID> {
        List<JournalRow> findByTankIdAndRemovedAtIsNull(UUID tankId);

        Optional<JournalRow> findByTankIdAndPlanKey(UUID tankId, String planKey);
    }

    interface History extends JpaRepository<HistoryRow, UUID> {
        List<HistoryRow> findByTankIdAndPlanKeyOrderByChangedAtDesc(UUID tankId, String planKey);
    }

    interface Photos extends JpaRepository<PhotoRow, UUID> {
        Optional<PhotoRow> findByTankIdAndPlanKey(UUID tankId, String planKey);

        List<PhotoRow> findByTankId(UUID tankId);

        @Query("select p.planKey from PhotoRow p where p.tankId = :tankId")
        Set<String> keys(UUID tankId);
    }

    interface Messages extends JpaRepository<MessageRow, UUID> {
        boolean existsByTankIdAndEpisode(UUID tankId, String episode);

        List<MessageRow> findTop100ByKeeperIdAndDueAtLessThanEqualOrderByDueAtDesc(UUID keeperId, Instant now);

        int countByKeeperIdAndReadAtIsNullAndDueAtLessThanEqual(UUID keeperId, Instant now);
    }

    interface Drafts extends JpaRepository<TableDraft, UUID> {
        Optional<TableDraft> findByIdAndTankId(UUID id, UUID tankId);

        Optional<TableDraft> findByTankIdAndFormKey(UUID tankId, UUID formKey);
    }

    interface Shares extends JpaRepository<ShareRow, UUID> {
        List<ShareRow> findByTankIdAndPurposeAndRevokedAtIsNull(UUID tankId, ShareStore.Purpose purpose);

        Optional<ShareRow> findByTokenHashAndPurposeAndRevokedAtIsNull(String tokenHash, ShareStore.Purpose purpose);
    }

    interface Remarks extends JpaRepository<RemarkRow, UUID> {
        boolean existsByShareIdAndFormKey(UUID shareId, UUID formKey);

        int countByShareIdAndSenderAndSaidAtAfter(UUID shareId, String sender, Instant since);

        int countByShareIdAndSaidAtAfter(UUID shareId, Instant since);

        int countByTankIdAndState(UUID tankId, RemarkRow.State state);

        List<RemarkRow> findByTankIdAndStateNotOrderBySaidAt(UUID tankId, RemarkRow.State state);

        Optional<RemarkRow> findByIdAndTankId(UUID id, UUID tankId);
    }
}
