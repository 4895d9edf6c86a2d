package org.pelluna.app.water;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.pelluna.core.plan.WaterTest;
import org.springframework.format.annotation.DateTimeFormat;

/** The tests of one day as entered; what was not tested stays empty. Public for binding. */
public class TestForm {
    public String key;

    @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
    public LocalDate on;

    public Double ammonia;
    public Double nitrite;
    public Double nitrate;
    public Double phosphate;

    /**
     * The tests entered.
     *
     * @throws IllegalArgumentException with a sentence, if a reading cannot be
     */
    List<WaterTest> tests(String checkedKey) {
        List<WaterTest> tests = new ArrayList<>();
        add(tests, checkedKey, WaterTest.Kind.AMMONIA, ammonia);
        add(tests, checkedKey, WaterTest.Kind.NITRITE, nitrite);
        add(tests, checkedKey, WaterTest.Kind.NITRATE, nitrate);
        add(tests, checkedKey, WaterTest.Kind.PHOSPHATE, phosphate);
        return tests;
    }

    private void add(List<WaterTest> tests, String checkedKey, WaterTest.Kind kind, Double value) {
        if (value != null) {
            tests.add(new WaterTest(
                    checkedKey + "-" + kind.name().charAt(0) + kind.name().charAt(4), on, kind, value));
        }
    }
}
