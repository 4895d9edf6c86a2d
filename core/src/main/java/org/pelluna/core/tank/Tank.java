package org.pelluna.core.tank;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.pelluna.core.stored.IfAbsent;

/**
 * A tank as its keeper measured it.
 *
 * @param name the keeper's name for it
 * @param shape inside of the glass
 * @param water what takes up the inside: water line, rock, sand, sump
 * @param swimLengthCm the longest clear swim between rock and glass, cm, if measured; otherwise the longest travel
 * @param cycledOn the day the first nitrogen cycle was finished; empty while it is still cycling
 * @param cyclingSince the day on which ammonia first went in, while the end of the cycle is not known; beside {@code cycledOn} it says that the end is only estimated
 * @param cover what keeps fish in
 * @param sandDepthCm depth of the sand, cm; 0 for a bare floor
 * @param refugiumLitres volume of a refugium in which pods breed, L; 0 for none
 * @param shelters caves and crevices a fish can hold
 * @param feedingPlaces places at which food is given
 * @param regime usual temperature and salinity
 * @param experience what the keeper can take on
 * @param holdings the groups of animals that live or will live here, each with the length of its smallest animal, cm
 * @param drawn what stands where, once the keeper has drawn it
 * @param seen algae and pods, if the keeper has looked
 * @param purpose what it is for; empty for a display of its keeper's own
 * @param guesses figures that nobody has given yet and that have their usual value
 */
@RecordBuilder
public record Tank(
        @IfAbsent("\"Unnamed tank\"") String name,
        TankShape shape,
        @IfAbsent("{}") WaterSpace water,
        Optional<Double> swimLengthCm,
        Optional<LocalDate> cycledOn,
        Optional<LocalDate> cyclingSince,
        @IfAbsent("{}") Cover cover,
        @IfAbsent("3") double sandDepthCm,
        @IfAbsent("0") double refugiumLitres,
        @IfAbsent("3") int shelters,
        @IfAbsent("1") int feedingPlaces,
        WaterRegime regime,
        @IfAbsent("\"first_tank\"") Experience experience,
        Map<AnimalGroup, Double> holdings,
        Optional<Layout> drawn,
        Optional<NaturalFood> seen,
        Optional<Purpose> purpose,
        Set<Guess> guesses)
        implements TankBuilder.With {

    public Tank {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a tank needs a name");
        }
        if (sandDepthCm < 0 || sandDepthCm >= shape.heightCm()) {
            throw new IllegalArgumentException(
                    "sand must be 0 cm deep or more and lower than the tank, but was " + sandDepthCm);
        }
        if (refugiumLitres < 0 || shelters < 0 || feedingPlaces < 1) {
            throw new IllegalArgumentException(
                    "refugium and shelters must not be negative, and there is at least one feeding place");
        }
        EnumMap<AnimalGroup, Double> copy = new EnumMap<>(AnimalGroup.class);
        copy.putAll(holdings);
        holdings = java.util.Collections.unmodifiableMap(copy);
        seen = seen.filter(one -> !one.equals(NaturalFood.UNKNOWN));
        purpose = purpose.filter(one -> !one.equals(Purpose.OWN_DISPLAY));
        EnumSet<Guess> left = EnumSet.noneOf(Guess.class);
        left.addAll(guesses);
        guesses = java.util.Collections.unmodifiableSet(left);
    }

    /** What it grows of itself for its fish. */
    public NaturalFood larder() {
        return seen.orElse(NaturalFood.UNKNOWN);
    }

    /** What it is for. */
    public Purpose.Kind kind() {
        return purpose.map(Purpose::kind).orElse(Purpose.Kind.DISPLAY);
    }

    /** What a keeper of this tank can take on. */
    public enum Experience {
        FIRST_TANK,
        SOME_YEARS,
        SEASONED
    }

    /** What stands where: as drawn, or sketched from the figures. */
    public Layout layout() {
        return drawn.orElseGet(() -> Sketch.of(this));
    }

    /**
     * The same tank as it is drawn: rock, clear swim, caves and crevices, feeding places and gaps are what the drawing shows.
     *
     * @throws IllegalArgumentException if the drawing leaves no water
     */
    public Tank drawn(Layout newLayout) {
        Layout layout = newLayout.within(shape, sandDepthCm);
        Rockwork work = new Rockwork(shape, sandDepthCm, water.belowRimCm(), layout.rocks());
        Tank tank = with(as -> as.water(water.withRock(work.bulkLitres(shape) * water.rockKgPerLitre()))
                .swimLengthCm(Optional.of(Math.max(1, work.clearSwimCm(shape))))
                .cover(layout.gaps().stream().mapToDouble(Layout.Gap::widthMm).max().stream()
                        .mapToObj(widest -> new Cover(cover.kind(), cover.kind() == Cover.Kind.OPEN ? 0 : widest))
                        .findFirst()
                        .orElse(cover))
                .shelters((int) layout.shelters().stream()
                        .filter(one -> one.kind().isInRock())
                        .count())
                .feedingPlaces(Math.max(1, layout.feeding().size()))
                .drawn(Optional.of(layout)));
        tank.netWater();
        return tank;
    }

    /** The same tank with other days: its first cycle, and the rocks set since. */
    public Tank shiftedBy(long days) {
        return with(as -> as.cycledOn(cycledOn.map(day -> day.plusDays(days)))
                .cyclingSince(cyclingSince.map(day -> day.plusDays(days)))
                .drawn(drawn.map(layout -> layout.shiftedBy(days))));
    }

    /** The same tank as its keeper has entered it: of the guesses only those are left whose figures are as they were. */
    public Tank enteredOver(Tank before) {
        EnumSet<Guess> left = EnumSet.noneOf(Guess.class);
        before.guesses.stream()
                .filter(guess -> Math.abs(guess.of(this) - guess.of(before)) < 1e-6)
                .forEach(left::add);
        return withGuesses(left);
    }

    /** The guesses that could be otherwise in this tank, and what nobody has looked at. */
    public Set<Guess> openGuesses() {
        EnumSet<Guess> open = EnumSet.noneOf(Guess.class);
        for (Guess guess : Guess.values()) {
            if ((guess.isUnknown() || guesses.contains(guess)) && guess.concerns(this)) {
                open.add(guess);
            }
        }
        return open;
    }

    /** Whether the end of the cycle is estimated and not known. */
    public boolean estimatesCycle() {
        return cycledOn.isPresent() && cyclingSince.isPresent();
    }

    /** Where the water goes, step by step, in litres. */
    public NetWater netWater() {
        return NetWater.of(shape, water, sandDepthCm);
    }

    /** The longest clear swim, cm. */
    public double swimCm() {
        return swimLengthCm.orElseGet(shape::longestTravelCm);
    }

    /** Whole months since the first cycle was finished; empty while it is still cycling or before that day. */
    public OptionalInt ageMonths(LocalDate on) {
        if (cycledOn.isEmpty() || on.isBefore(cycledOn.get())) {
            return OptionalInt.empty();
        }
        return OptionalInt.of((int) ChronoUnit.MONTHS.between(cycledOn.get(), on));
    }

    /** The day on which the tank is the given number of months old; empty while it is still cycling. */
    public Optional<LocalDate> isMonthsOld(int months) {
        return cycledOn.map(date -> date.plusMonths(months));
    }
}
