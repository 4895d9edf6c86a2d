package org.pelluna.app.voyage;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.NullUnmarked;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.UsualTank;
import org.pelluna.core.units.LengthUnit;
import org.springframework.validation.BindingResult;

/** The glass, as it is asked for first. Lengths in the unit chosen beside them. */
@NullUnmarked
public class GlassForm {
    private static final double LEAST_CM = 10;
    private static final double MOST_CM = 1000;

    /** Makes the tank once, however often it is sent. */
    public UUID key;

    public String name;
    public TankShape.Outline shape = TankShape.Outline.BOX;
    public LengthUnit unit = LengthUnit.CENTIMETRE;
    public Double length;
    public Double width;
    public Double middleWidth;
    public Double height;
    public Cover.Kind cover = Cover.Kind.LID;
    public boolean sump;
    public Tank.Experience experience = Tank.Experience.FIRST_TANK;

    /** Groups of animals taken over from a tank the keeper has already. */
    Set<AnimalGroup> groups = EnumSet.noneOf(AnimalGroup.class);

    /** The answers that a keeper gave for an earlier tank. */
    void begin(Tank earlier) {
        cover = earlier.cover().kind();
        sump = earlier.water().sumpLitres() > 0;
        experience = earlier.experience();
    }

    /** Says what is missing or cannot be, each beside its field. */
    void check(BindingResult faults) {
        if (name == null) {
            faults.rejectValue("name", "missing", "Give it a name, any you like.");
        } else if (name.length() > 80) {
            faults.rejectValue("name", "long", "80 characters at most.");
        }
        length(length, "length", faults);
        length(height, "height", faults);
        if (shape != TankShape.Outline.CYLINDER) {
            length(width, "width", faults);
        }
        if (shape == TankShape.Outline.BOW_FRONT) {
            length(middleWidth, "middleWidth", faults);
            if (middleWidth != null && width != null && middleWidth < width) {
                faults.rejectValue(
                        "middleWidth", "order", "A bow is widest in its middle: at least the width at the sides.");
            }
        }
    }

    private void length(Double value, String field, BindingResult faults) {
        if (faults.hasFieldErrors(field)) {
            return;
        }
        if (value == null) {
            faults.rejectValue(field, "missing", "Measure inside the tank.");
        } else if (!isGlass(value)) {
            faults.rejectValue(field, "range", "From 10 cm (4 in) to 10 m (33 ft); is the unit right?");
        }
    }

    private boolean isGlass(Double value) {
        return value != null && unit != null && cm(value) >= LEAST_CM && cm(value) <= MOST_CM;
    }

    private double cm(double value) {
        return unit.toCentimetres(value);
    }

    /** The tank with usual values; empty while the glass is not known yet. */
    Optional<Tank> tank() {
        if (shape == null
                || cover == null
                || experience == null
                || !isGlass(length)
                || !isGlass(height)
                || shape != TankShape.Outline.CYLINDER && !isGlass(width)
                || shape == TankShape.Outline.BOW_FRONT && !isGlass(middleWidth)) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    UsualTank.of(name == null ? "Your tank" : name, glass(), cover, sump, experience, groups));
        } catch (IllegalArgumentException notYet) {
            return Optional.empty();
        }
    }

    private TankShape glass() {
        return switch (shape) {
            case BOX -> new TankShape.Box(cm(length), cm(width), cm(height));
            case BOW_FRONT -> new TankShape.BowFront(cm(length), cm(width), cm(middleWidth), cm(height));
            case CYLINDER -> new TankShape.Cylinder(cm(length), cm(height));
        };
    }
}
