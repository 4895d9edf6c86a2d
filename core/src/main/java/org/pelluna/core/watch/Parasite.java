package org.pelluna.core.watch;

import org.pelluna.core.finding.Provenance;

/**
 * Diseases for which keepers leave a display without fish until the parasite has died out, and for how long. A parasite that needs no
 * fish to live is none of them.
 */
public enum Parasite {
    WHITE_SPOT(
            "white spot disease",
            90,
            76,
            20,
            "Many keepers wait 45 days at 27 °C or more, where cysts hatch sooner.",
            "Cysts took up to 72 days to hatch: Colorni and Burgess 1997, from memory."),
    VELVET(
            "velvet",
            60,
            42,
            24,
            "Others wait 76 days, whatever the disease.",
            "Six weeks are common practice; its cysts divide more slowly in cool water: Paperna 1984, from memory."),
    BROOKLYNELLA(
            "brooklynella",
            42,
            42,
            0,
            "Others wait 30 days, since no resting stage is known.",
            "Six weeks are common practice."),
    FLUKES(
            "flukes",
            42,
            28,
            24,
            "Others wait 76 days, whatever the disease.",
            "Eggs hatch within weeks, later in cool water: Brazenor and Hutson 2015, from memory."),
    UNKNOWN(
            "an unknown disease",
            90,
            76,
            20,
            "Nobody can say a shorter time without a name for it.",
            "The longest time that a common parasite of the skin needs; common practice.");

    private final String words;
    private final int coolDays;
    private final int days;
    private final double coolBelow;
    private final String others;
    private final String source;

    Parasite(String words, int coolDays, int days, double coolBelow, String others, String source) {
        this.words = words;
        this.coolDays = coolDays;
        this.days = days;
        this.coolBelow = coolBelow;
        this.others = others;
        this.source = source;
    }

    /** The disease as a keeper says it. */
    public String words() {
        return words;
    }

    /**
     * Days without fish after which it has died out.
     *
     * @param celsius of the display meanwhile
     */
    public int daysWithoutFish(double celsius) {
        return celsius < coolBelow ? coolDays : days;
    }

    /** What other keepers do, in a sentence. */
    public String others() {
        return others;
    }

    /** Where the days come from. */
    public Provenance source() {
        return new Provenance(Provenance.Kind.PRACTICE, source);
    }
}
