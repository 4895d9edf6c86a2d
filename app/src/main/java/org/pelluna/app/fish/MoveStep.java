package org.pelluna.app.fish;

import java.util.List;
import org.pelluna.app.portrait.Portraits;
import org.pelluna.app.svg.Svg;
import org.pelluna.app.web.FindingView;
import org.pelluna.core.plan.Fish;

/**
 * One step of a move to another tank.
 *
 * @param date from when; empty where it is held back
 * @param fish who
 * @param findings the reason of the day, or what holds it back
 */
record MoveStep(String date, List<Mover> fish, List<FindingView> findings) {
    /** One fish that moves. */
    record Mover(String key, Svg portrait, String name, String species, boolean first) {
        static Mover of(Fish fish, boolean first) {
            return new Mover(
                    fish.id().key(),
                    Portraits.use(fish.species()),
                    fish.name(),
                    fish.species().commonName(),
                    first);
        }
    }
}
