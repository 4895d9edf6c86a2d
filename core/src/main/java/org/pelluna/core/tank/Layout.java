package org.pelluna.core.tank;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.pelluna.core.stored.IfAbsent;

/**
 * What stands where in a tank. Seen by someone before the front glass: x runs from the left glass to the right, y from the back
 * glass to the front, z from the floor of the glass up; all in centimetres.
 *
 * @param rocks rock structures, which stand on the sand
 * @param shelters caves, crevices and other places a fish can hold
 * @param feeding where food is given
 * @param gaps openings in the cover
 * @param box the acclimation box, if it hangs in the tank
 */
public record Layout(
        List<Rock> rocks, List<Shelter> shelters, List<Feeding> feeding, List<Gap> gaps, Optional<Box> box) {

    /** Days for which the ground of a rock just set is nobody's. */
    public static final int FRESH_DAYS = 14;

    /** Things of a kind that one tank may have. */
    public static final int MOST = 60;

    public Layout {
        rocks = List.copyOf(rocks);
        shelters = List.copyOf(shelters);
        feeding = List.copyOf(feeding);
        gaps = List.copyOf(gaps);
        if (Stream.of(rocks, shelters, feeding, gaps).anyMatch(some -> some.size() > MOST)) {
            throw new IllegalArgumentException("a tank has at most " + MOST + " things of a kind");
        }
        Set<String> ids = new HashSet<>();
        Stream.of(
                        rocks.stream().map(Rock::id),
                        shelters.stream().map(Shelter::id),
                        feeding.stream().map(Feeding::id),
                        gaps.stream().map(Gap::id))
                .flatMap(one -> one)
                .forEach(id -> require(ids.add(id), "the key '" + id + "' is used twice"));
    }

    /**
     * A rock structure.
     *
     * @param id key within the layout
     * @param name what the keeper calls it
     * @param form its form
     * @param xCm middle, from the left
     * @param yCm middle, from the back
     * @param widthCm from side to side
     * @param depthCm from back to front
     * @param heightCm from its underside to its top
     * @param liftCm its underside above the sand; 0 if it stands there
     * @param placedOn the day it was set there, if that was since fish live here; its ground is fresh for a while
     */
    public record Rock(
            String id,
            @IfAbsent("\"Rock\"") String name,
            Form form,
            double xCm,
            double yCm,
            double widthCm,
            double depthCm,
            double heightCm,
            @IfAbsent("0") double liftCm,
            Optional<LocalDate> placedOn) {
        public Rock {
            named(id, name);
            sized(widthCm, depthCm, heightCm);
            require(liftCm >= 0 && liftCm <= 500, "a rock stands 0 to 500 cm above the sand");
        }

        /** Forms of rock structures. */
        public enum Form {
            /** Half an ellipsoid. */
            MOUND("mound"),
            /** An upright elliptic cylinder. */
            PILLAR("pillar"),
            /** A flat elliptic cylinder, held up by what stands under it. */
            SHELF("shelf");

            private final String words;

            Form(String words) {
                this.words = words;
            }

            /** The form in a sentence. */
            public String words() {
                return words;
            }
        }

        Rock placedOn(Optional<LocalDate> day) {
            return new Rock(id, name, form, xCm, yCm, widthCm, depthCm, heightCm, liftCm, day);
        }

        /** The height span it fills over a point of the floor, above the sand; empty beside it. */
        Optional<double[]> spanAt(double x, double y) {
            double across = (x - xCm) / (widthCm / 2);
            double along = (y - yCm) / (depthCm / 2);
            double away = across * across + along * along;
            if (away >= 1) {
                return Optional.empty();
            }
            double high = form == Form.MOUND ? heightCm * Math.sqrt(1 - away) : heightCm;
            return Optional.of(new double[] {liftCm, liftCm + high});
        }

        /** Whether a point of the floor lies under it. */
        public boolean covers(double x, double y) {
            return spanAt(x, y).isPresent();
        }
    }

    /**
     * A place a fish can hold.
     *
     * @param id key within the layout
     * @param name what the keeper calls it
     * @param kind what it is
     * @param xCm middle, from the left
     * @param yCm middle, from the back
     * @param zCm middle, above the floor of the glass
     * @param sizeCm across its opening
     */
    public record Shelter(
            String id,
            @IfAbsent("\"Shelter\"") String name,
            Shelter.Kind kind,
            double xCm,
            double yCm,
            double zCm,
            double sizeCm) {
        public Shelter {
            named(id, name);
            sized(sizeCm);
        }

        /** What can be held. */
        public enum Kind {
            CAVE("cave"),
            CREVICE("crevice"),
            BURROW("burrow"),
            BRANCHES("branching coral"),
            ANEMONE("anemone");

            private final String words;

            Kind(String words) {
                this.words = words;
            }

            /** The kind in a sentence. */
            public String words() {
                return words;
            }

            /** Whether it counts among a tank's caves and crevices. */
            public boolean isInRock() {
                return this == CAVE || this == CREVICE;
            }
        }
    }

    /**
     * A place at which food is given.
     *
     * @param id key within the layout
     * @param name what the keeper calls it
     * @param kind how it is given
     * @param xCm from the left
     * @param yCm from the back
     */
    public record Feeding(
            String id, @IfAbsent("\"Feeding place\"") String name, Feeding.Kind kind, double xCm, double yCm) {
        public Feeding {
            named(id, name);
        }

        /** Ways of giving food. */
        public enum Kind {
            STATION("feeding place"),
            CLIP("seaweed clip");

            private final String words;

            Kind(String words) {
                this.words = words;
            }

            /** The kind in a sentence. */
            public String words() {
                return words;
            }
        }
    }

    /**
     * An opening in the cover.
     *
     * @param id key within the layout
     * @param name what the keeper calls it
     * @param xCm from the left
     * @param yCm from the back
     * @param widthMm its narrow side, mm
     */
    public record Gap(String id, @IfAbsent("\"Gap\"") String name, double xCm, double yCm, double widthMm) {
        public Gap {
            named(id, name);
            require(widthMm > 0 && widthMm <= 2000, "a gap is more than 0 and at most 2000 mm wide");
        }
    }

    /**
     * The acclimation box.
     *
     * @param xCm middle, from the left
     * @param yCm middle, from the back
     * @param widthCm from side to side
     * @param depthCm from back to front
     * @param heightCm from its floor to the water line
     */
    public record Box(double xCm, double yCm, double widthCm, double depthCm, double heightCm) {
        public Box {
            sized(widthCm, depthCm, heightCm);
        }
    }

    /**
     * The same with everything inside the glass: what stands beyond it is moved in, what is too large is cut to fit.
     *
     * @param shape inside of the glass
     * @param sandCm depth of the sand
     */
    public Layout within(TankShape shape, double sandCm) {
        double high = shape.heightCm();
        return new Layout(
                rocks.stream()
                        .map(one -> new Rock(
                                one.id,
                                one.name,
                                one.form,
                                inside(one.xCm, 0, shape.acrossCm()),
                                inside(one.yCm, 0, shape.frontToBackCm()),
                                Math.min(one.widthCm, shape.acrossCm()),
                                Math.min(one.depthCm, shape.frontToBackCm()),
                                Math.min(one.heightCm, high - sandCm),
                                inside(one.liftCm, 0, high - sandCm - Math.min(one.heightCm, high - sandCm)),
                                one.placedOn))
                        .toList(),
                shelters.stream()
                        .map(one -> new Shelter(
                                one.id,
                                one.name,
                                one.kind,
                                inside(one.xCm, 0, shape.acrossCm()),
                                inside(one.yCm, 0, shape.frontToBackCm()),
                                inside(one.zCm, 0, high),
                                Math.min(one.sizeCm, high)))
                        .toList(),
                feeding.stream()
                        .map(one -> new Feeding(
                                one.id,
                                one.name,
                                one.kind,
                                inside(one.xCm, 0, shape.acrossCm()),
                                inside(one.yCm, 0, shape.frontToBackCm())))
                        .toList(),
                gaps.stream()
                        .map(one -> new Gap(
                                one.id,
                                one.name,
                                inside(one.xCm, 0, shape.acrossCm()),
                                inside(one.yCm, 0, shape.frontToBackCm()),
                                one.widthMm))
                        .toList(),
                box.map(one -> new Box(
                        inside(one.xCm, 0, shape.acrossCm()),
                        inside(one.yCm, 0, shape.frontToBackCm()),
                        Math.min(one.widthCm, shape.acrossCm()),
                        Math.min(one.depthCm, shape.frontToBackCm()),
                        Math.min(one.heightCm, high))));
    }

    /** The same with the rocks that stand elsewhere than before, or newly, placed on a day. */
    public Layout placed(Layout before, LocalDate on) {
        List<Rock> dated = new ArrayList<>();
        for (Rock rock : rocks) {
            boolean stood = before.rocks.stream()
                    .anyMatch(one -> one.id.equals(rock.id) && one.xCm == rock.xCm && one.yCm == rock.yCm);
            dated.add(stood ? rock : rock.placedOn(Optional.of(on)));
        }
        return new Layout(dated, shelters, feeding, gaps, box);
    }

    /** Rocks set so lately that no resident knows their ground. */
    public List<Rock> freshRocks(LocalDate on) {
        return rocks.stream()
                .filter(rock -> rock.placedOn()
                        .filter(day ->
                                !day.isAfter(on) && day.plusDays(FRESH_DAYS).isAfter(on))
                        .isPresent())
                .toList();
    }

    /** The same with the days of its rocks so much later. */
    Layout shiftedBy(long days) {
        return new Layout(
                rocks.stream()
                        .map(rock -> rock.placedOn(rock.placedOn.map(day -> day.plusDays(days))))
                        .toList(),
                shelters,
                feeding,
                gaps,
                box);
    }

    private static double inside(double value, double low, double high) {
        return Math.max(low, Math.min(high, value));
    }

    private static void named(String id, String name) {
        require(!id.isBlank() && id.length() <= 80, "everything in a tank has a key");
        require(!name.isBlank() && name.length() <= 60, "a name has 1 to 60 characters");
    }

    private static void sized(double... sizes) {
        for (double size : sizes) {
            require(size > 0 && size <= 2000, "a size is more than 0 and at most 2000 cm");
        }
    }

    private static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new IllegalArgumentException(otherwise);
        }
    }
}
