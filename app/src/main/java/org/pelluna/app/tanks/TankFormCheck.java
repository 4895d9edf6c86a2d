package org.pelluna.app.tanks;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.web.Measures;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.tank.TankShape;
import org.springframework.validation.BindingResult;

/** Finds the entries of a tank's form that are missing or out of range, and says what would be right. */
final class TankFormCheck {
    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2199;

    private final BindingResult faults;

    private TankFormCheck(BindingResult faults) {
        this.faults = faults;
    }

    private void day(String field, @Nullable LocalDate day) {
        if (day != null && (day.getYear() < FIRST_YEAR || day.getYear() > LAST_YEAR)) {
            faults.rejectValue(field, "range", "A day of this century or the last; is the year right?");
        }
    }

    static void check(TankForm form, BindingResult faults, Measures measures) {
        TankFormCheck check = new TankFormCheck(faults);
        if (form.kind == null) {
            form.kind = Purpose.Kind.DISPLAY;
        }
        if (form.kind != Purpose.Kind.DISPLAY) {
            check.range("places", form.places, 1, 500, "1 to 500 fish.");
            check.range("compartments", form.compartments, 1, 500, "At least one; dividers make more.");
            if (form.places != null && form.compartments != null && form.compartments > form.places) {
                faults.rejectValue("compartments", "many", "No more compartments than places.");
            }
        }
        form.fillBare();
        if (form.client != null && form.client.length() > 60) {
            faults.rejectValue("client", "long", "At most 60 characters, please.");
        }
        if (form.name == null) {
            faults.rejectValue("name", "missing", "Please give the tank a name.");
        } else if (form.name.length() > 80) {
            faults.rejectValue("name", "long", "At most 80 characters, please.");
        }
        check.day("cycledOn", form.cycledOn);
        check.day("cyclingSince", form.cyclingSince);
        check.range("length", form.length, 1, 2000, "The inside length, more than 0.");
        check.range("height", form.height, 1, 2000, "The inside height, more than 0.");
        if (form.shape != TankShape.Outline.CYLINDER) {
            check.range("width", form.width, 1, 2000, "The inside width, front to back.");
        }
        if (form.shape == TankShape.Outline.BOW_FRONT) {
            check.range("middleWidth", form.middleWidth, 1, 2000, "The width in the middle of the bow.");
        }
        check.range("belowRim", form.belowRim, 0, 500, "How far the water stands below the rim; 0 or more.");
        check.range("rockKg", form.rockKg, 0, 20000, "The mass of dry rock; 0 if there is none.");
        check.range("sump", form.sump, 0, 50000, "The water in the sump; 0 if there is none.");
        check.range("sandDepth", form.sandDepth, 0, 200, "The depth of sand; 0 for a bare floor.");
        check.range("refugium", form.refugium, 0, 50000, "The volume of the refugium; 0 if there is none.");
        check.optionalRange("swimLength", form.swimLength, "Enter a length above 0, or leave it empty.");
        check.range("gapMm", form.gapMm, 0, 2000, "The widest gap in mm; 0 for none.");
        check.range("shelters", form.shelters, 0, 1000, "The number of caves and crevices.");
        check.range("feedingPlaces", form.feedingPlaces, 1, 100, "At least one feeding place.");
        check.range(
                "temperature",
                form.temperature == null ? null : measures.temperature().toCelsius(form.temperature),
                5,
                40,
                "The usual temperature of the water, " + measures.temperatureOf(5) + " to " + measures.temperatureOf(40)
                        + ".");
        check.range("specificGravity", form.specificGravity, 1, 1.03, "1.000 to 1.030, for example 1.0255.");
        check.rules(form);
    }

    private void rules(TankForm form) {
        range("gallonsPerInchNew", form.gallonsPerInchNew, 0.1, 100, "US gallons for each inch, more than 0.");
        range("gallonsPerInchMature", form.gallonsPerInchMature, 0.1, 100, "US gallons for each inch, more than 0.");
        range("matureAfterMonths", form.matureAfterMonths, 0, 120, "0 to 120 months.");
        range("bodyLengthsToSwim", form.bodyLengthsToSwim, 0.1, 50, "More than 0.");
        range("pauseAfterOneDays", form.pauseAfterOneDays, 1, 365, "1 to 365 days.");
        range("pauseAfterMoreDays", form.pauseAfterMoreDays, 1, 365, "1 to 365 days.");
        range("widestGapMm", form.widestGapMm, 0, 100, "0 to 100 mm.");
        range("carefulPerHour", form.carefulPerHour, 0.1, 1000, "Enter more than 0 attacks an hour.");
        range("notAbovePerHour", form.notAbovePerHour, 0.1, 1000, "Enter more than 0 attacks an hour.");
        if (form.notAbovePerHour != null && form.carefulPerHour != null && form.notAbovePerHour < form.carefulPerHour) {
            range(
                    "notAbovePerHour",
                    form.notAbovePerHour,
                    form.carefulPerHour,
                    1000,
                    "Enter at least the number you warn from.");
        }
        range("latenessWeight", form.latenessWeight, 0, 100, "0 or more.");
        range("shynessWeight", form.shynessWeight, 0, 100, "0 or more.");
    }

    private void range(String field, @Nullable Number entered, double low, double high, String sentence) {
        if (faults.hasFieldErrors(field)) {
            return;
        }
        if (entered == null || !(entered.doubleValue() >= low && entered.doubleValue() <= high)) {
            faults.rejectValue(field, "range", sentence);
        }
    }

    private void optionalRange(String field, @Nullable Double entered, String sentence) {
        if (entered != null) {
            range(field, entered, 1, 2000, sentence);
        }
    }
}
