package org.pelluna.app.reef;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.StringJoiner;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.web.Conflict;
import org.pelluna.app.web.Measures;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.units.Numbers;

/** Everything that stands in a tank as rows of one form, in the keeper's units. Public for binding. */
public class LayoutForm {
    public @Nullable Integer version;
    public List<Item> items = new ArrayList<>();

    /** One thing. What its kind has no use for stays empty. */
    public static class Item {
        public @Nullable String id;
        public @Nullable Kind kind;
        public @Nullable String name;
        public @Nullable Double x;
        public @Nullable Double y;
        public @Nullable Double z;
        public @Nullable Double width;
        public @Nullable Double depth;
        public @Nullable Double height;

        /** The day a rock was set there, as the form was made; it counts again when a change is taken back. */
        public @Nullable String placed;

        /** Where it stands and how large it is, for a keeper: “from left 60, from back 20, width 40 cm”. */
        String words(Measures measures) {
            StringJoiner words =
                    new StringJoiner(", ", "", "\u00a0" + measures.length().symbol());
            add(words, "from left ", x);
            add(words, "from back ", y);
            add(words, "height above ", z);
            add(words, requireNonNull(kind).widthWords().toLowerCase(Locale.ROOT) + " ", width);
            add(words, "front to back ", depth);
            add(words, "height ", height);
            return "“" + name + "”: " + words;
        }

        private static void add(StringJoiner words, String what, @Nullable Double value) {
            if (value != null) {
                words.add(what + Numbers.plain(value));
            }
        }
    }

    /** What can stand in a tank. */
    public enum Kind {
        MOUND("mound of rock"),
        PILLAR("pillar of rock"),
        SHELF("rock shelf"),
        CAVE("cave"),
        CREVICE("crevice"),
        BURROW("burrow"),
        BRANCHES("branching coral"),
        ANEMONE("anemone"),
        STATION("feeding place"),
        CLIP("seaweed clip"),
        GAP("gap in the cover"),
        BOX("acclimation box");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** What it is called. */
        public String words() {
            return words;
        }

        public boolean isRock() {
            return this == MOUND || this == PILLAR || this == SHELF;
        }

        public boolean isShelter() {
            return this == CAVE || this == CREVICE || this == BURROW || this == BRANCHES || this == ANEMONE;
        }

        /** Whether it has a height of its own above the floor. */
        public boolean hasZ() {
            return this == SHELF || isShelter();
        }

        public boolean hasWidth() {
            return isRock() || isShelter() || this == GAP || this == BOX;
        }

        public boolean hasDepthAndHeight() {
            return isRock() || this == BOX;
        }

        /** What its width is, for a keeper. */
        public String widthWords() {
            return isShelter() ? "Across" : this == GAP ? "Narrow side" : "Width";
        }
    }

    static LayoutForm of(Layout layout, int version, Measures measures) {
        LayoutForm form = new LayoutForm();
        form.version = version;
        layout.rocks().forEach(rock -> {
            Item item = form.item(
                    rock.id(), Kind.valueOf(rock.form().name()), rock.name(), rock.xCm(), rock.yCm(), measures);
            item.z = field(rock.liftCm(), measures);
            item.width = field(rock.widthCm(), measures);
            item.depth = field(rock.depthCm(), measures);
            item.height = field(rock.heightCm(), measures);
            item.placed = rock.placedOn().map(LocalDate::toString).orElse(null);
        });
        layout.shelters().forEach(one -> {
            Item item =
                    form.item(one.id(), Kind.valueOf(one.kind().name()), one.name(), one.xCm(), one.yCm(), measures);
            item.z = field(one.zCm(), measures);
            item.width = field(one.sizeCm(), measures);
        });
        layout.feeding()
                .forEach(one -> form.item(
                        one.id(), Kind.valueOf(one.kind().name()), one.name(), one.xCm(), one.yCm(), measures));
        layout.gaps()
                .forEach(one -> form.item(one.id(), Kind.GAP, one.name(), one.xCm(), one.yCm(), measures).width =
                        field(one.widthMm() / 10, measures));
        layout.box().ifPresent(box -> {
            Item item = form.item("box", Kind.BOX, "Acclimation box", box.xCm(), box.yCm(), measures);
            item.width = field(box.widthCm(), measures);
            item.depth = field(box.depthCm(), measures);
            item.height = field(box.heightCm(), measures);
        });
        return form;
    }

    /**
     * What differs between this form and a newer one, thing by thing, in the order of this form and then of the other.
     *
     * @param newer the form as the drawing would fill it now
     */
    List<Conflict.Line> against(LayoutForm newer, Measures measures) {
        Map<String, Item> theirs = newer.byId();
        Map<String, Item> all = byId();
        Map<String, Item> ours = new LinkedHashMap<>(all);
        theirs.forEach(all::putIfAbsent);
        List<Conflict.Line> lines = new ArrayList<>();
        all.forEach((id, item) -> {
            String mine = words(ours.get(id), measures);
            String now = words(theirs.get(id), measures);
            if (!mine.equals(now)) {
                lines.add(new Conflict.Line(String.valueOf(item.name), mine, now));
            }
        });
        return lines;
    }

    private Map<String, Item> byId() {
        Map<String, Item> byId = new LinkedHashMap<>();
        items.stream().filter(item -> item.id != null && item.kind != null).forEach(item -> byId.put(item.id, item));
        return byId;
    }

    private static String words(@Nullable Item item, Measures measures) {
        return item == null ? "not in the drawing" : item.words(measures);
    }

    private Item item(String id, Kind kind, String name, double x, double y, Measures measures) {
        Item item = new Item();
        item.id = id;
        item.kind = kind;
        item.name = name;
        item.x = field(x, measures);
        item.y = field(y, measures);
        items.add(item);
        return item;
    }

    private static Double field(double cm, Measures measures) {
        return Double.valueOf(measures.lengthField(cm));
    }

    /** Adds a thing of a kind, of a size that suits the tank, in its middle. */
    void add(Kind kind, String id, Tank tank, Measures measures) {
        double across = tank.shape().acrossCm();
        double deep = tank.shape().frontToBackCm();
        double high = tank.shape().heightCm();
        long alike = items.stream().filter(one -> one.kind == kind).count();
        String called = kind.words().substring(0, 1).toUpperCase(Locale.ROOT)
                + kind.words().substring(1)
                + (kind == Kind.BOX ? "" : " " + (alike + 1));
        Item item = item(kind == Kind.BOX ? "box" : id, kind, called, across / 2, deep * 0.5, measures);
        double small = Math.min(deep, high);
        if (kind.isRock()) {
            item.z = field(kind == Kind.SHELF ? high * 0.25 : 0, measures);
            item.width = field(Math.min(across, small * (kind == Kind.PILLAR ? 0.3 : 0.7)), measures);
            item.depth = field(small * (kind == Kind.PILLAR ? 0.3 : 0.5), measures);
            item.height = field(high * (kind == Kind.SHELF ? 0.07 : kind == Kind.PILLAR ? 0.5 : 0.35), measures);
        } else if (kind.isShelter()) {
            item.z = field(tank.sandDepthCm() + (kind == Kind.BURROW ? 0 : high * 0.08), measures);
            item.width = field(Math.max(2, small * 0.12), measures);
        } else if (kind == Kind.GAP) {
            item.width = field(0.8, measures);
            item.y = field(2, measures);
        } else if (kind == Kind.BOX) {
            item.width = field(Math.min(30, across * 0.3), measures);
            item.depth = field(Math.min(20, deep * 0.5), measures);
            item.height = field(Math.min(20, high * 0.5), measures);
        }
    }

    /**
     * What the form describes.
     *
     * @throws IllegalArgumentException with a sentence, if something is missing or out of range
     */
    Layout layout(Measures measures) {
        List<Layout.Rock> rocks = new ArrayList<>();
        List<Layout.Shelter> shelters = new ArrayList<>();
        List<Layout.Feeding> feeding = new ArrayList<>();
        List<Layout.Gap> gaps = new ArrayList<>();
        Optional<Layout.Box> box = Optional.empty();
        for (Item one : items) {
            if (one.kind == null || one.id == null) {
                continue;
            }
            String name = one.name == null ? one.kind.words() : one.name;
            double x = cm(one, "its place", one.x, measures);
            double y = cm(one, "its place", one.y, measures);
            if (one.kind.isRock()) {
                rocks.add(new Layout.Rock(
                        one.id,
                        name,
                        Layout.Rock.Form.valueOf(one.kind.name()),
                        x,
                        y,
                        cm(one, "a width", one.width, measures),
                        cm(one, "a depth", one.depth, measures),
                        cm(one, "a height", one.height, measures),
                        one.z == null ? 0 : cm(one, "its height", one.z, measures),
                        Optional.ofNullable(one.placed).map(LocalDate::parse)));
            } else if (one.kind.isShelter()) {
                shelters.add(new Layout.Shelter(
                        one.id,
                        name,
                        Layout.Shelter.Kind.valueOf(one.kind.name()),
                        x,
                        y,
                        cm(one, "its height", one.z, measures),
                        cm(one, "a size", one.width, measures)));
            } else if (one.kind == Kind.GAP) {
                gaps.add(new Layout.Gap(one.id, name, x, y, 10 * cm(one, "a width", one.width, measures)));
            } else if (one.kind == Kind.BOX) {
                box = Optional.of(new Layout.Box(
                        x,
                        y,
                        cm(one, "a width", one.width, measures),
                        cm(one, "a depth", one.depth, measures),
                        cm(one, "a height", one.height, measures)));
            } else {
                feeding.add(new Layout.Feeding(one.id, name, Layout.Feeding.Kind.valueOf(one.kind.name()), x, y));
            }
        }
        return new Layout(rocks, shelters, feeding, gaps, box);
    }

    private static double cm(Item item, String what, @Nullable Double entered, Measures measures) {
        if (entered == null) {
            throw new IllegalArgumentException("“" + item.name + "” lacks " + what);
        }
        return measures.length().toCentimetres(entered);
    }
}
