package org.pelluna.core.pressure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.PressureStrengths.Kind;
import org.pelluna.core.species.Temperament;

/**
 * Predicted aggression, directed. Each reason multiplies the encounters expected of a fish that attacks on sight.
 *
 * <p>A method of our own. The directions of all factors are common practice; their strengths are our estimates, chosen so
 * that the properties of the model hold: earlier residents press harder, several newcomers share the attention, larger
 * newcomers, longer tanks, more food, shelter and fresh rock never raise a pressure, nearer kin is never attacked less.
 */
public final class PressureModel {
    /** How many times as much as its kind a fish is believed to press another it has yet to live with; our own. */
    public static final double MOST_LEARNED = 4;

    private final Habitat ground;
    private final PressureStrengths strengths;
    private final SettlingCourse course;
    private final double seenTimes;

    /** The model for a plan's tank as it is on its day, and as it is known from its log. */
    public static PressureModel of(ResolvedPlan stock) {
        return on(Habitat.of(stock.plan().tank(), stock.plan().asOf()), stock);
    }

    /** The same on other ground. */
    static PressureModel on(Habitat ground, ResolvedPlan stock) {
        return new PressureModel(ground, PressureStrengths.USUAL, SettlingCourse.USUAL, stock.seenTimes());
    }

    /** The model with its usual strengths and course. */
    public PressureModel(Habitat ground) {
        this(ground, PressureStrengths.USUAL, SettlingCourse.USUAL);
    }

    public PressureModel(Habitat ground, PressureStrengths strengths, SettlingCourse course) {
        this(ground, strengths, course, 1);
    }

    private PressureModel(Habitat ground, PressureStrengths strengths, SettlingCourse course, double seenTimes) {
        this.ground = ground;
        this.seenTimes = seenTimes;
        this.strengths = strengths;
        this.course = course;
    }

    /**
     * The pressure of one fish on another.
     *
     * @param aggressor the fish that attacks
     * @param victim the fish that is attacked
     * @param meeting how they meet
     * @param on the day on which their sizes count
     */
    public Pressure of(Fish aggressor, Fish victim, Meeting meeting, LocalDate on) {
        Likeness likeness = Likeness.of(aggressor.species(), victim.species());
        return of(aggressor, victim, likeness, meeting, on);
    }

    private Pressure of(Fish aggressor, Fish victim, Likeness likeness, Meeting meeting, LocalDate on) {
        double ratio = victim.lengthCmOn(on) / aggressor.lengthCmOn(on);
        List<Factor> factors = factors(aggressor, victim, likeness, meeting, ratio);
        double perHour = strengths.of(Kind.FULL_TEMPER_PER_HOUR);
        for (Factor factor : factors) {
            perHour *= factor.multiplier();
        }
        return new Pressure(aggressor.id(), victim.id(), perHour, likeness.kin(), List.copyOf(factors));
    }

    private List<Factor> factors(Fish aggressor, Fish victim, Likeness likeness, Meeting meeting, double ratio) {
        Temperament temper = aggressor.species().temper();
        List<Factor> factors = new ArrayList<>(12);
        Factor toward = toward(temper, likeness, ratio);
        factors.add(toward);
        factors.add(size(ratio));
        factors.add(seniority(temper, meeting));
        if (meeting.aggressorAheadDays() > 0 && meeting.newcomersThatDay() > 1) {
            int newcomers = meeting.newcomersThatDay();
            factors.add(new Factor(Factor.Kind.ATTENTION, attention(newcomers), newcomers, ""));
        }
        if (meeting.rivalsSettled() > 0) {
            int rivals = meeting.rivalsSettled();
            factors.add(new Factor(Factor.Kind.CROWDING, crowding(rivals), rivals, ""));
        }
        addSurroundings(factors, temper);
        addWelcome(factors, meeting);
        if (meeting.companions()) {
            factors.add(new Factor(Factor.Kind.COMPANY, strengths.of(Kind.COMPANIONS), 0, ""));
        } else if (meeting.illMatched()) {
            factors.add(new Factor(Factor.Kind.COMPANY, strengths.of(Kind.ILL_MATCHED), 0, ""));
        }
        if (meeting.daysTogether() > 0) {
            int days = meeting.daysTogether();
            factors.add(new Factor(Factor.Kind.SETTLING, course.left(days, toward.multiplier()), days, ""));
        }
        if (seenTimes != 1) {
            factors.add(new Factor(Factor.Kind.TANK, seenTimes, seenTimes, ""));
        }
        double learned = learned(aggressor.known().timesOn(victim.id()), meeting.daysTogether(), toward.multiplier());
        if (learned != 1) {
            factors.add(new Factor(Factor.Kind.LEARNED, learned, learned, ""));
        }
        return factors;
    }

    /**
     * As much of what was learned of a pair as counts: at most four times, and of two that have settled so many times more as a quarrel
     * that goes on keeps beside what is expected of theirs. How hard they would begin again is not known by that.
     */
    private double learned(double times, int days, double temper) {
        return Math.min(times, MOST_LEARNED * Math.max(1, course.left(days) / course.left(days, temper)));
    }

    /**
     * Two fish under circumstances of which only their sizes and the days between their arrivals are still open: for orders, in which one pair meets on many days.
     *
     * @param aggressor the fish that attacks
     * @param victim the fish that is attacked
     * @param meeting how they meet; of the days the aggressor is ahead only the sign counts
     */
    public Pair pair(Fish aggressor, Fish victim, Meeting meeting) {
        return new Pair(aggressor, victim, meeting);
    }

    /** The pressure of one fish on another, as a function of sizes and days ahead. */
    public final class Pair {
        private static final Set<Factor.Kind> OPEN =
                EnumSet.of(Factor.Kind.TEMPER, Factor.Kind.SIZE, Factor.Kind.SENIORITY);

        private final Temperament temper;
        private final Likeness likeness;
        private final Set<ArrivalAid> welcome;
        private final double others;

        private Pair(Fish aggressor, Fish victim, Meeting meeting) {
            if (meeting.daysTogether() > 0) {
                throw new IllegalArgumentException("how a pair has settled goes with their sizes, which are open here");
            }
            this.temper = aggressor.species().temper();
            this.likeness = Likeness.of(aggressor.species(), victim.species());
            this.welcome = meeting.welcome();
            double product = strengths.of(Kind.FULL_TEMPER_PER_HOUR);
            for (Factor factor : factors(aggressor, victim, likeness, meeting, 1)) {
                product *= OPEN.contains(factor.kind()) ? 1 : factor.multiplier();
            }
            this.others = product;
        }

        /**
         * Encounters an hour.
         *
         * @param ratio length of the victim by that of the aggressor
         * @param ahead days the aggressor has lived here longer; of the sign of the meeting
         */
        public double perHour(double ratio, int ahead) {
            return others
                    * toward(temper, likeness, ratio).multiplier()
                    * sizeTimes(ratio)
                    * seniorityTimes(temper, ahead, welcome);
        }
    }

    /** A resident's attention to each of so many newcomers of one day, as a share of what a single one gets. */
    public static double attention(int newcomers) {
        return 1 / Math.sqrt(newcomers);
    }

    /** What is left for a newcomer of a resident that already has so many rivals to mind. */
    public double crowding(int rivalsSettled) {
        return 1 / (1 + strengths.of(Kind.CROWDING) * rivalsSettled);
    }

    /** Some attack whatever is much smaller, kin or not; the harsher of the two tempers counts. */
    private static Factor toward(Temperament temper, Likeness likeness, double ratio) {
        return ratio < Temperament.SMALLER && temper.toward().smallerFish() > likeness.temper()
                ? new Factor(
                        Factor.Kind.TEMPER,
                        temper.toward().smallerFish(),
                        temper.toward().smallerFish(),
                        "the other is much smaller")
                : new Factor(Factor.Kind.TEMPER, likeness.temper(), likeness.temper(), likeness.because());
    }

    /** A larger fish is challenged less; equals are neutral. */
    private Factor size(double ratio) {
        return new Factor(Factor.Kind.SIZE, sizeTimes(ratio), ratio, "");
    }

    private double sizeTimes(double ratio) {
        return Math.max(
                strengths.of(Kind.SIZE_LEAST),
                Math.min(strengths.of(Kind.SIZE_MOST), Math.exp(-strengths.of(Kind.SIZE_SLOPE) * (ratio - 1))));
    }

    /** A resident's advantage grows over its first two weeks, with the strength of its hold on a patch. */
    private Factor seniority(Temperament temper, Meeting meeting) {
        int ahead = meeting.aggressorAheadDays();
        boolean moved = meeting.welcome().contains(ArrivalAid.ROCK_MOVED);
        boolean removed = meeting.welcome().contains(ArrivalAid.AGGRESSOR_REMOVED);
        String word = ahead < 0
                ? ""
                : moved && removed
                        ? "the attacker was taken out and the rock moved"
                        : moved ? "the rock was moved" : removed ? "it was taken out meanwhile" : "";
        return new Factor(
                Factor.Kind.SENIORITY,
                seniorityTimes(temper, ahead, meeting.welcome()),
                ahead >= 0 && moved && removed ? 0 : ahead,
                word);
    }

    private double seniorityTimes(Temperament temper, int ahead, Set<ArrivalAid> welcome) {
        double owned = Math.min(1, Math.abs(ahead) / strengths.of(Kind.DAYS_TO_OWN_GROUND));
        double stranger = strengths.of(Kind.STRANGER);
        if (ahead < 0) {
            return stranger - (stranger - strengths.of(Kind.NEWCOMER)) * owned;
        }
        boolean moved = welcome.contains(ArrivalAid.ROCK_MOVED);
        boolean removed = welcome.contains(ArrivalAid.AGGRESSOR_REMOVED);
        double kept = moved && removed ? 0 : moved || removed ? strengths.of(Kind.ADVANTAGE_KEPT) : 1;
        double advantage = strengths.of(Kind.OWNER)
                - stranger
                + strengths.of(Kind.TERRITORY_BONUS) * Math.max(temper.territory(), temper.newcomers());
        return stranger + advantage * owned * kept;
    }

    private void addSurroundings(List<Factor> factors, Temperament temper) {
        double patches = ground.swimCm() / temper.patchCm();
        double floorPatches = ground.footprintSquareCm() / (temper.patchCm() * temper.patchCm());
        double room = Math.sqrt(4 / patches) * Math.pow(2 / floorPatches, 0.25);
        factors.add(new Factor(
                Factor.Kind.SWIM_SPACE,
                Math.max(strengths.of(Kind.SWIM_SPACE_LEAST), Math.min(strengths.of(Kind.SWIM_SPACE_MOST), room)),
                patches,
                ""));
        double least = strengths.of(Kind.SHELTER_LEAST);
        double shelter = least + (1 - least) * Math.exp(-ground.shelters() / strengths.of(Kind.SHELTER_ENOUGH));
        factors.add(new Factor(Factor.Kind.SHELTER, shelter, ground.shelters(), ""));
        double fed = strengths.of(Kind.FOOD_LEAST);
        factors.add(new Factor(Factor.Kind.FOOD, fed + (1 - fed) / ground.feedingPlaces(), ground.feedingPlaces(), ""));
        if (ground.freshRock()) {
            factors.add(new Factor(Factor.Kind.FRESH_ROCK, strengths.of(Kind.FRESH_ROCK), 0, ""));
        }
    }

    /** Help given to a newcomer counts against those who were here before it. */
    private void addWelcome(List<Factor> factors, Meeting meeting) {
        Set<ArrivalAid> help = EnumSet.noneOf(ArrivalAid.class);
        help.addAll(meeting.welcome());
        help.retainAll(EnumSet.of(ArrivalAid.BOX, ArrivalAid.LIGHTS_OUT, ArrivalAid.MIRROR));
        if (meeting.aggressorAheadDays() <= 0 || help.isEmpty()) {
            return;
        }
        double multiplier = 1;
        List<String> words = new ArrayList<>();
        for (ArrivalAid one : help) {
            multiplier *= strengths.of(
                    one == ArrivalAid.BOX ? Kind.BOX : one == ArrivalAid.LIGHTS_OUT ? Kind.LIGHTS_OUT : Kind.MIRROR);
            words.add(
                    one == ArrivalAid.BOX
                            ? "acclimation box"
                            : one == ArrivalAid.LIGHTS_OUT ? "release after lights-out" : "mirror");
        }
        factors.add(new Factor(Factor.Kind.WELCOME, multiplier, 0, String.join(", ", words)));
    }
}
