package org.pelluna.app.storage;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Correction;
import org.pelluna.core.species.SpeciesFigure;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keepers' own figures of species: each keeper's for all of that keeper's tanks. */
@Service
@Transactional
public class OwnFigureStore {
    /** As many as a plan file holds. */
    private static final int MOST = 2000;

    private final Rows.OwnFigures figures;

    OwnFigureStore(Rows.OwnFigures figures) {
        this.figures = figures;
    }

    /** A keeper's figures, by species. */
    @Transactional(readOnly = true)
    public List<Correction> of(UUID keeperId) {
        return figures.findByKeeperIdAndHiddenFalseOrderBySpeciesIdAscFigureAsc(keeperId).stream()
                .map(OwnFigureRow::toCore)
                .toList();
    }

    /**
     * Keeps a figure in place of the keeper's one so far.
     *
     * @param seen the marks of the figures that its keeper saw beside the form
     * @return whether it was kept; it is not where a keeper has as many as a plan holds
     * @throws StaleVersionException with the figure, if there is another than the form was made from
     */
    public boolean put(UUID keeperId, List<String> seen, Correction one) {
        Optional<OwnFigureRow> there = row(keeperId, one.speciesId(), one.figure());
        if (there.isEmpty()) {
            if (figures.countByKeeperId(keeperId) >= MOST) {
                return false;
            }
            figures.saveAndFlush(new OwnFigureRow(keeperId, one));
            return true;
        }
        Correction now = there.get().toCore();
        if (!there.get().isHidden() && !now.equals(one) && !seen.contains(VersionMark.mark(now))) {
            throw new StaleVersionException(now);
        }
        there.get().change(one);
        return true;
    }

    /** Keeps those figures of a file that this keeper has none of yet, as long as the tank stays that they came with. */
    void take(UUID keeperId, UUID tankId, List<Correction> all) {
        for (Correction one : all) {
            Optional<OwnFigureRow> there = row(keeperId, one.speciesId(), one.figure());
            if (there.filter(OwnFigureRow::isHidden).isPresent()) {
                figures.delete(there.get());
                figures.flush();
            }
            if (there.filter(row -> !row.isHidden()).isEmpty()) {
                figures.saveAndFlush(new OwnFigureRow(keeperId, one, tankId));
            }
        }
    }

    /**
     * Hides what came with a tank, or shows it again.
     *
     * @return how many figures that are
     */
    int hide(UUID tankId, boolean hides) {
        List<OwnFigureRow> brought = figures.findByBroughtBy(tankId);
        brought.forEach(one -> one.hide(hides));
        return brought.size();
    }

    /**
     * Goes back to the catalogue's figure.
     *
     * @return the keeper's figure so far
     * @throws NotFoundException if the keeper has none
     */
    public Correction remove(UUID keeperId, SpeciesId species, SpeciesFigure figure) {
        OwnFigureRow row = row(keeperId, species, figure)
                .filter(one -> !one.isHidden())
                .orElseThrow(() -> new NotFoundException("figure"));
        figures.delete(row);
        return row.toCore();
    }

    private Optional<OwnFigureRow> row(UUID keeperId, SpeciesId species, SpeciesFigure figure) {
        return figures.findByKeeperIdAndSpeciesIdAndFigure(keeperId, species.key(), figure);
    }
}
