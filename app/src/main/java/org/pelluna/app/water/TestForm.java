package org.pelluna.app.water;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.web.Measures;
import org.pelluna.core.plan.WaterTest;
import org.pelluna.core.units.Numbers;
import org.springframework.format.annotation.DateTimeFormat;

/** The tests of one day as entered; what was not tested stays empty. Public for binding. */
public class TestForm {
    public @Nullable String key;

    @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
    public @Nullable LocalDate on;

    /** The readings by kind, in the kind's unit; the temperature in the keeper's. */
    public Map<WaterTest.Kind, Double> reading = new EnumMap<>(WaterTest.Kind.class);

    /**
     * The tests entered.
     *
     * @throws IllegalArgumentException with a sentence, if a reading cannot be
     */
    List<WaterTest> tests(String checkedKey, Measures measures) {
        return reading.entrySet().stream()
                .filter(read -> read.getValue() != null)
                .map(read -> new WaterTest(
                        checkedKey + "-" + read.getKey().key(),
                        requireNonNull(on),
                        read.getKey(),
                        read.getKey() == WaterTest.Kind.TEMPERATURE
                                ? measures.temperature().toCelsius(read.getValue())
                                : read.getValue()))
                .toList();
    }

    /** A reading as it was entered. */
    public String text(String kind) {
        Double value = reading.get(WaterTest.Kind.valueOf(kind));
        return value == null ? "" : Numbers.plain(value, 4);
    }
}
