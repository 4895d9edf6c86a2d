package org.pelluna.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.pelluna.core.units.Numbers;

/**
 * A water test.
 *
 * @param id key within its plan
 * @param on the day
 * @param kind what was measured
 * @param value as the kit or probe shows it, in the kind's unit
 */
public record WaterTest(String id, LocalDate on, Kind kind, double value) {
    /** Nitrite that should not be passed, mg/L as a kit shows it; common practice. */
    public static final double NITRITE_LIMIT = 1;

    public WaterTest {
        if (!(value >= kind.least && value <= kind.most)) {
            throw new IllegalArgumentException("a test of " + kind.words + " reads " + Numbers.plain(kind.least)
                    + " to " + Numbers.plain(kind.most, 2) + (kind.unit.isEmpty() ? "" : " " + kind.unit) + ", but was "
                    + value);
        }
    }

    /** What can be measured. Everything that pages, tables and charts know of a kind is said here. */
    public enum Kind {
        /** Total ammonia, NH₃ and NH₄ together; kits can just tell 0.1 from none. */
        AMMONIA("ammonia, total", "mg/L", 0, 1000, 2, 0.1, 0, 0.1, "nh3,nh4,nh3/nh4,tan"),
        /** Of NO₂. */
        NITRITE("nitrite", "mg/L", 0, 1000, 1, 0.1, 0, NITRITE_LIMIT, "no2"),
        /** Of NO₃. */
        NITRATE("nitrate", "mg/L", 0, 1000, 0, 2.5, 0, 0, "no3"),
        /** Of PO₄. */
        PHOSPHATE("phosphate", "mg/L", 0, 1000, 2, 0.03, 0, 0, "po4"),
        /** NBS scale, by day. */
        PH("pH", "", 6, 10, 2, 0.1, 7.8, 8.5, "ph value"),
        ALKALINITY("alkalinity", "dKH", 0, 40, 1, 0.5, 7, 11, "kh,alk,dkh"),
        CALCIUM("calcium", "mg/L", 0, 2000, 0, 10, 380, 460, "ca"),
        MAGNESIUM("magnesium", "mg/L", 0, 4000, 0, 20, 1250, 1400, "mg"),
        /** At 25 °C against water of 25 °C. */
        GRAVITY("specific gravity", "", 1, 1.05, 4, 0.0005, 1.023, 1.027, "sg,density"),
        TEMPERATURE("temperature", "°C", 0, 45, 1, 0.2, 24, 27, "temp"),
        /** Kills invertebrates: measured in quarantine, and none of it suits a reef. */
        COPPER("copper", "mg/L", 0, 20, 2, 0.05, 0, 0.02, "cu,cupric");

        private final String words;
        private final String unit;
        private final double least;
        private final double most;
        private final int decimals;
        private final double tells;
        private final double from;
        private final double to;
        private final String aliases;

        Kind(
                String words,
                String unit,
                double least,
                double most,
                int decimals,
                double tells,
                double from,
                double to,
                String aliases) {
            this.words = words;
            this.unit = unit;
            this.least = least;
            this.most = most;
            this.decimals = decimals;
            this.tells = tells;
            this.from = from;
            this.to = to;
            this.aliases = aliases;
        }

        /** Its name in files, tables and keys. */
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** What was measured, in a sentence. */
        public String words() {
            return words;
        }

        /** What was measured, as a heading without its unit. */
        public String title() {
            return this == PH ? words : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
        }

        public String unit() {
            return unit;
        }

        /** Decimals of a reading that are worth printing on a chart. */
        public int decimals() {
            return decimals;
        }

        /** The difference that a kit can just tell, in the kind's unit; common practice. */
        public double tells() {
            return tells;
        }

        /** Whether the forecast of the water says what a test of it would show. */
        public boolean isPredicted() {
            return this == AMMONIA || this == NITRITE || this == NITRATE || this == PHOSPHATE;
        }

        /** The least that suits a reef tank; 0 where less is never too little. Common practice. */
        public double from() {
            return from;
        }

        /** The most that suits it, or that the house has set as its target. */
        public double to(Husbandry done) {
            return this == NITRATE
                    ? done.target().nitrate()
                    : this == PHOSPHATE ? done.target().phosphate() : to;
        }

        /** What {@link #to} is: a limit or a target. */
        public String toWords() {
            return this == AMMONIA ? "lowest a kit shows" : this == NITRITE ? "limit" : "target";
        }

        /** Whether a reading lies within what suits. */
        public boolean suits(double value, Husbandry done) {
            return value >= from && value <= to(done);
        }

        /** How keepers head its column in a table, beside its key. */
        public List<String> aliases() {
            return List.of(aliases.split(","));
        }
    }
}
