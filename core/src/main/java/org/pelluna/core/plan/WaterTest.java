package org.pelluna.core.plan;

import java.time.LocalDate;

/**
 * A water test.
 *
 * @param id key within its plan
 * @param on the day
 * @param kind what was measured
 * @param value mg/L as the kit shows it
 */
public record WaterTest(String id, LocalDate on, Kind kind, double value) {
    public WaterTest {
        if (!(value >= 0 && value <= 1000)) {
            throw new IllegalArgumentException("a test reads 0 to 1000 mg/L, but was " + value);
        }
    }

    /** What can be measured. */
    public enum Kind {
        /** Total ammonia, mg/L of NH₃ and NH₄ together. */
        AMMONIA("ammonia, total"),
        /** mg/L of NO₂. */
        NITRITE("nitrite"),
        /** mg/L of NO₃. */
        NITRATE("nitrate"),
        /** mg/L of PO₄. */
        PHOSPHATE("phosphate");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** What was measured, in a sentence. */
        public String words() {
            return words;
        }
    }
}
