package org.pelluna.app.arrivals;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.web.Measures;
import org.pelluna.core.plan.QuarantineTank;
import org.pelluna.core.plan.TankPlan;

/** The quarantine tank as entered, in the keeper's units. Public for binding. */
public class QuarantineForm {
    private static final double USUAL_LITRES = 60;
    private static final double USUAL_GRAVITY = 1.021;

    public @Nullable Double volume;
    public @Nullable Integer places;
    public @Nullable Integer compartments;
    public @Nullable Double gravity;

    static QuarantineForm of(Optional<QuarantineTank> tank, TankPlan plan, Measures measures) {
        QuarantineForm form = new QuarantineForm();
        form.volume = Double.valueOf(
                measures.volumeField(tank.map(QuarantineTank::litres).orElse(USUAL_LITRES)));
        form.places = tank.map(QuarantineTank::places).orElse(3);
        form.compartments = tank.map(QuarantineTank::compartments).orElse(1);
        form.gravity = tank.map(QuarantineTank::specificGravity)
                .orElse(Math.min(USUAL_GRAVITY, plan.tank().regime().specificGravity()));
        return form;
    }

    /**
     * The tank entered.
     *
     * @throws IllegalArgumentException with a sentence, if a figure is missing or cannot be
     */
    QuarantineTank tank(Measures measures) {
        if (volume == null || places == null || compartments == null || gravity == null) {
            throw new IllegalArgumentException("a quarantine tank has a volume, places, compartments and a gravity");
        }
        return new QuarantineTank(measures.volume().toLitres(volume), places, compartments, gravity);
    }
}
