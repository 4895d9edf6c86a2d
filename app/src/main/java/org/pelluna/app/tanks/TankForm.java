package org.pelluna.app.tanks;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.web.Measures;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.tank.AnimalGroup;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.NaturalFood;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankBuilder;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterRegime;
import org.pelluna.core.tank.WaterSpace;

/** A tank's profile and house rules as the keeper enters them, in the keeper's units. */
public class TankForm {
    /** The form's own key: sent twice, it makes one tank. Empty when a tank is changed. */
    public @Nullable UUID key;

    public @Nullable Integer version;

    public @Nullable String name;
    public Purpose.Kind kind = Purpose.Kind.DISPLAY;
    public @Nullable Integer places;
    public @Nullable Integer compartments;
    public @Nullable String client;
    public TankShape.Outline shape = TankShape.Outline.BOX;
    public @Nullable Double length;
    public @Nullable Double width;
    public @Nullable Double middleWidth;
    public @Nullable Double height;
    public @Nullable Double belowRim;
    public @Nullable Double rockKg;
    public @Nullable Double sump;
    public @Nullable Double sandDepth;
    public @Nullable Double refugium;
    public NaturalFood.@Nullable Algae algae;
    public NaturalFood.@Nullable Pods pods;
    public @Nullable Double swimLength;
    public @Nullable LocalDate cycledOn;
    public @Nullable LocalDate cyclingSince;
    public Cover.Kind cover = Cover.Kind.LID;
    public @Nullable Double gapMm;
    public @Nullable Integer shelters;
    public @Nullable Integer feedingPlaces;
    public @Nullable Double temperature;
    public @Nullable Double specificGravity;
    public Tank.Experience experience = Tank.Experience.FIRST_TANK;

    /** Groups that are kept; their smallest animal has its usual length where nothing else is entered. */
    public Set<AnimalGroup> keeps = EnumSet.noneOf(AnimalGroup.class);

    /** Whether the form asked which groups are kept: then a length alone keeps none. */
    public boolean keepsAsked;

    /** Smallest animal of a group, where it is not the usual. */
    public Map<String, String> holdings = new LinkedHashMap<>();

    public @Nullable Double gallonsPerInchNew;
    public @Nullable Double gallonsPerInchMature;
    public @Nullable Integer matureAfterMonths;
    public @Nullable Double bodyLengthsToSwim;
    public @Nullable Integer pauseAfterOneDays;
    public @Nullable Integer pauseAfterMoreDays;
    public @Nullable Double widestGapMm;
    public @Nullable Double carefulPerHour;
    public @Nullable Double notAbovePerHour;
    public @Nullable Double latenessWeight;
    public @Nullable Double shynessWeight;

    /** An empty form for a new tank, with the usual figures filled in. */
    static TankForm empty(Measures measures) {
        TankForm form = new TankForm();
        form.key = UUID.randomUUID();
        form.belowRim = Double.valueOf(measures.lengthField(3));
        form.rockKg = 0.0;
        form.sump = 0.0;
        form.sandDepth = 0.0;
        form.refugium = 0.0;
        form.gapMm = 6.0;
        form.shelters = 4;
        form.feedingPlaces = 1;
        form.temperature = Double.valueOf(measures.temperatureField(25.5));
        form.specificGravity = 1.0255;
        form.show(HouseRules.USUAL);
        return form;
    }

    /** What nobody is asked of a bare tank. */
    void fillBare() {
        if (kind != Purpose.Kind.DISPLAY) {
            rockKg = rockKg == null ? Double.valueOf(0) : rockKg;
            sump = sump == null ? Double.valueOf(0) : sump;
            sandDepth = sandDepth == null ? Double.valueOf(0) : sandDepth;
            refugium = refugium == null ? Double.valueOf(0) : refugium;
            gapMm = gapMm == null ? Double.valueOf(6) : gapMm;
            shelters = shelters == null ? places : shelters;
            feedingPlaces = feedingPlaces == null ? compartments : feedingPlaces;
            if (gallonsPerInchNew == null) {
                show(HouseRules.USUAL);
            }
        }
    }

    /** A form filled with what is stored. */
    static TankForm of(int version, Tank tank, HouseRules rules, Measures measures) {
        TankForm form = new TankForm();
        form.version = version;
        form.show(tank, measures);
        form.show(rules);
        return form;
    }

    private void show(Tank tank, Measures measures) {
        name = tank.name();
        kind = tank.kind();
        tank.purpose().flatMap(Purpose::berths).ifPresent(berths -> {
            places = berths.places();
            compartments = berths.compartments();
        });
        client = tank.purpose().flatMap(Purpose::client).orElse(null);
        if (tank.shape() instanceof TankShape.Box box) {
            shape = TankShape.Outline.BOX;
            length = length(box.lengthCm(), measures);
            width = length(box.widthCm(), measures);
        } else if (tank.shape() instanceof TankShape.BowFront bow) {
            shape = TankShape.Outline.BOW_FRONT;
            length = length(bow.lengthCm(), measures);
            width = length(bow.sideWidthCm(), measures);
            middleWidth = length(bow.middleWidthCm(), measures);
        } else if (tank.shape() instanceof TankShape.Cylinder cylinder) {
            shape = TankShape.Outline.CYLINDER;
            length = length(cylinder.diameterCm(), measures);
        }
        height = length(tank.shape().heightCm(), measures);
        belowRim = length(tank.water().belowRimCm(), measures);
        rockKg = tank.water().rockKg();
        sump = volume(tank.water().sumpLitres(), measures);
        sandDepth = length(tank.sandDepthCm(), measures);
        refugium = volume(tank.refugiumLitres(), measures);
        swimLength = tank.swimLengthCm().map(cm -> length(cm, measures)).orElse(null);
        cycledOn = tank.cycledOn().orElse(null);
        cyclingSince = tank.cyclingSince().orElse(null);
        algae = tank.larder().algae().orElse(null);
        pods = tank.larder().pods().orElse(null);
        cover = tank.cover().kind();
        gapMm = tank.cover().gapMm();
        shelters = tank.shelters();
        feedingPlaces = tank.feedingPlaces();
        temperature = Double.valueOf(measures.temperatureField(tank.regime().temperatureCelsius()));
        specificGravity = tank.regime().specificGravity();
        experience = tank.experience();
        keeps.addAll(tank.holdings().keySet());
        tank.holdings().forEach((group, cm) -> {
            if (cm != group.usualCm()) {
                holdings.put(group.name(), measures.lengthField(cm));
            }
        });
    }

    private void show(HouseRules rules) {
        gallonsPerInchNew = rules.capacity().gallonsPerInchNew();
        gallonsPerInchMature = rules.capacity().gallonsPerInchMature();
        matureAfterMonths = rules.capacity().matureAfterMonths();
        bodyLengthsToSwim = rules.capacity().bodyLengthsToSwim();
        pauseAfterOneDays = rules.pauses().afterOneDays();
        pauseAfterMoreDays = rules.pauses().afterMoreDays();
        widestGapMm = rules.widestGapMm();
        carefulPerHour = rules.weights().carefulPerHour();
        notAbovePerHour = rules.weights().notAbovePerHour();
        latenessWeight = rules.weights().lateness();
        shynessWeight = rules.weights().shyness();
    }

    /**
     * The tank entered; rock and sand keep the porosity they had. A tank that is drawn has rock, clear swim, shelters, feeding
     * places and gap from its drawing, whatever was entered.
     *
     * @throws IllegalArgumentException with a sentence, if the figures contradict each other
     */
    Tank tank(Measures measures, Optional<Tank> before) {
        WaterSpace kept = before.map(Tank::water).orElseGet(() -> WaterSpace.usual(0, 0, 0));
        Tank tank = TankBuilder.builder()
                .name(requireNonNull(name))
                .shape(shape(measures))
                .water(new WaterSpace(
                        cm(requireNonNull(belowRim), measures),
                        requireNonNull(rockKg),
                        kept.rockKgPerLitre(),
                        kept.rockPorosity(),
                        kept.sandPorosity(),
                        litres(requireNonNull(sump), measures)))
                .swimLengthCm(Optional.ofNullable(swimLength).map(entered -> cm(entered, measures)))
                .cycledOn(Optional.ofNullable(cycledOn))
                .cyclingSince(Optional.ofNullable(cycledOn == null ? cyclingSince : null))
                .cover(new Cover(cover, cover == Cover.Kind.OPEN ? 0 : requireNonNull(gapMm)))
                .sandDepthCm(cm(requireNonNull(sandDepth), measures))
                .refugiumLitres(litres(requireNonNull(refugium), measures))
                .shelters(requireNonNull(shelters))
                .feedingPlaces(requireNonNull(feedingPlaces))
                .regime(new WaterRegime(
                        measures.temperature().toCelsius(requireNonNull(temperature)), requireNonNull(specificGravity)))
                .experience(experience)
                .holdings(holdings(measures))
                .seen(Optional.of(new NaturalFood(Optional.ofNullable(algae), Optional.ofNullable(pods))))
                .purpose(Optional.of(new Purpose(
                        before.map(Tank::kind).orElse(kind),
                        kind == Purpose.Kind.DISPLAY
                                ? Optional.empty()
                                : Optional.of(new Purpose.Berths(requireNonNull(places), requireNonNull(compartments))),
                        Optional.ofNullable(client))))
                .guesses(Set.of())
                .build();
        Tank entered = before.flatMap(Tank::drawn).map(tank::drawn).orElse(tank);
        entered.netWater();
        if (entered.swimCm() > tank.shape().longestTravelCm() * 1.5) {
            throw new IllegalArgumentException("the swimming length cannot be so much longer than the tank");
        }
        return before.map(entered::enteredOver).orElse(entered);
    }

    /** The limits entered; approaches, husbandry and what is overruled stay as they were. */
    HouseRules houseRules(HouseRules before) {
        return before.with(as -> as.capacity(new HouseRules.Capacity(
                        requireNonNull(gallonsPerInchNew),
                        requireNonNull(gallonsPerInchMature),
                        requireNonNull(matureAfterMonths),
                        requireNonNull(bodyLengthsToSwim)))
                .pauses(new HouseRules.Pauses(requireNonNull(pauseAfterOneDays), requireNonNull(pauseAfterMoreDays)))
                .widestGapMm(requireNonNull(widestGapMm))
                .weights(new HouseRules.Weights(
                        requireNonNull(carefulPerHour),
                        requireNonNull(notAbovePerHour),
                        requireNonNull(latenessWeight),
                        requireNonNull(shynessWeight))));
    }

    private TankShape shape(Measures measures) {
        double high = cm(requireNonNull(height), measures);
        return switch (shape) {
            case BOX ->
                new TankShape.Box(cm(requireNonNull(length), measures), cm(requireNonNull(width), measures), high);
            case BOW_FRONT ->
                new TankShape.BowFront(
                        cm(requireNonNull(length), measures),
                        cm(requireNonNull(width), measures),
                        cm(requireNonNull(middleWidth), measures),
                        high);
            case CYLINDER -> new TankShape.Cylinder(cm(requireNonNull(length), measures), high);
        };
    }

    private Map<AnimalGroup, Double> holdings(Measures measures) {
        Map<AnimalGroup, Double> kept = new EnumMap<>(AnimalGroup.class);
        keeps.forEach(group -> kept.put(group, group.usualCm()));
        holdings.forEach((name, entered) -> {
            AnimalGroup group = AnimalGroup.valueOf(name);
            if (entered != null && !entered.isBlank() && (!keepsAsked || keeps.contains(group))) {
                kept.put(group, smallest(entered, measures));
            }
        });
        return kept;
    }

    /** Whether a group is ticked. */
    public boolean keep(String group) {
        return keeps.stream().anyMatch(one -> one.name().equals(group));
    }

    private static double smallest(String entered, Measures measures) {
        try {
            double value = Double.parseDouble(entered.strip());
            if (value > 0 && value < 300) {
                return cm(value, measures);
            }
        } catch (NumberFormatException e) {
            // Said below, in the same words as for a number out of range.
        }
        throw new IllegalArgumentException(
                "the smallest animal of a group is a length above 0, but '" + entered + "' was entered");
    }

    private static Double length(double cm, Measures measures) {
        return Double.valueOf(measures.lengthField(cm));
    }

    private static Double volume(double litres, Measures measures) {
        return Double.valueOf(measures.volumeField(litres));
    }

    private static double cm(double entered, Measures measures) {
        return measures.length().toCentimetres(entered);
    }

    private static double litres(double entered, Measures measures) {
        return measures.volume().toLitres(entered);
    }
}
