package org.pelluna.app.portrait;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.pelluna.app.web.Measures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.patch.Homes;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.reef.FishOnDay;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.CatalogueFiles;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Layout;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankBuilder;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterRegime;
import org.pelluna.core.tank.WaterSpace;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

class ReefDrawingTest {
    private static final Catalogue CATALOGUE = CatalogueFiles.shipped();
    private static final LocalDate DAY = LocalDate.of(2026, 11, 23);

    static Tank tank(TankShape shape) {
        return TankBuilder.builder()
                .guesses(java.util.Set.of())
                .cyclingSince(Optional.empty())
                .name("T")
                .shape(shape)
                .water(WaterSpace.usual(shape.heightCm() * 0.05, shape.volumeLitresTo(shape.heightCm()) * 0.1, 0))
                .cycledOn(Optional.of(DAY.minusYears(2)))
                .cover(new Cover(Cover.Kind.MESH, 5))
                .sandDepthCm(shape.heightCm() * 0.08)
                .refugiumLitres(5)
                .shelters(6)
                .feedingPlaces(2)
                .regime(new WaterRegime(25, 1.025))
                .experience(Tank.Experience.SEASONED)
                .holdings(Map.of())
                .build();
    }

    /** A cube of 20 L, a tank of 5,000 L, a cylinder and a bow front. */
    static List<TankShape> shapes() {
        return List.of(
                new TankShape.Box(27, 27, 27.5),
                new TankShape.Box(330, 150, 101),
                new TankShape.Cylinder(60, 75),
                new TankShape.BowFront(120, 45, 60, 55));
    }

    private static List<FishOnDay> swimmers(int count) {
        List<FishOnDay> swimmers = new ArrayList<>();
        var all = List.copyOf(CATALOGUE.all());
        for (int i = 0; i < count; i++) {
            var species = all.get(i * all.size() / count);
            Fish fish = Fish.newcomer(
                    new FishId("f" + i), species, species.size().saleCm().value(), DAY.minusDays(200 - i));
            swimmers.add(new FishOnDay(fish, FishOnDay.Presence.HERE, fish.lengthCmOn(DAY), DAY, false));
        }
        return swimmers;
    }

    private static Document drawn(Tank tank, List<FishOnDay> swimmers) throws Exception {
        var homes = Homes.of(tank, swimmers.stream().map(FishOnDay::fish).toList());
        ReefDrawing drawing = new ReefDrawing(tank, Measures.METRIC, true);
        ReefDrawing.Content content = new ReefDrawing.Content();
        new FishInReef(drawing, Measures.METRIC)
                .draw(content, FishPlacing.of(tank, homes, swimmers), Optional.empty(), true);
        String svg = drawing.svg(content, 0, "a <tank>").toString();
        return DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
    }

    private static List<Element> all(Document document, String tag) {
        NodeList nodes = document.getElementsByTagName(tag);
        List<Element> elements = new ArrayList<>();
        for (int i = 0; i < nodes.getLength(); i++) {
            elements.add((Element) nodes.item(i));
        }
        return elements;
    }

    private static double number(Element element, String attribute) {
        return Double.parseDouble(element.getAttribute(attribute));
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void everyFishIsDrawnAtItsComputedLengthAndInsideTheGlass(TankShape shape) throws Exception {
        for (int count : new int[] {1, 40}) {
            List<FishOnDay> swimmers = swimmers(count);
            Document document = drawn(tank(shape), swimmers);
            List<Element> fish = all(document, "g").stream()
                    .filter(one -> one.hasAttribute("data-fish"))
                    .toList();
            assertThat(fish).hasSize(count);
            for (Element one : fish) {
                Element use = (Element) one.getElementsByTagName("use").item(0);
                double computed = swimmers.stream()
                        .filter(s -> s.fish().id().key().equals(one.getAttribute("data-fish")))
                        .findFirst()
                        .orElseThrow()
                        .lengthCm();
                assertThat(number(use, "width") / 1.06).isCloseTo(computed, within(0.02));
                double middle = number(use, "x") + number(use, "width") / 2;
                assertThat(middle).isBetween(-0.1, shape.acrossCm() + 0.1);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("shapes")
    void glassIsAsLargeAsTheTankFromTheFrontAndFromAbove(TankShape shape) throws Exception {
        Document document = drawn(tank(shape), List.of());
        Element front = all(document, "rect").stream()
                .filter(one -> one.getAttribute("class").equals("glass"))
                .findFirst()
                .orElseThrow();
        assertThat(number(front, "width")).isEqualTo(shape.acrossCm());
        assertThat(number(front, "height")).isEqualTo(shape.heightCm());
        String[] box = document.getDocumentElement().getAttribute("viewBox").split(" ");
        double topAt = number(document.getDocumentElement(), "data-top-at");
        double right = Double.parseDouble(box[0]) + Double.parseDouble(box[2]);
        double bottom = Double.parseDouble(box[1]) + Double.parseDouble(box[3]);
        Element top = all(document, "g").stream()
                .filter(one -> one.getAttribute("class").equals("view-top"))
                .findFirst()
                .orElseThrow();
        // A narrow tank has its view from above beside the front, any other below; there is room for it either way.
        boolean narrow = shape.heightCm() + shape.frontToBackCm() > 1.5 * shape.acrossCm();
        if (narrow) {
            assertThat(top.getAttribute("transform")).startsWith("translate(").endsWith(" -" + plain(topAt) + ")");
            assertThat(right).isGreaterThan(2 * shape.acrossCm());
            assertThat(bottom).isGreaterThanOrEqualTo(Math.max(shape.heightCm(), shape.frontToBackCm()));
        } else {
            assertThat(top.getAttribute("transform")).isEmpty();
            assertThat(bottom).isCloseTo(topAt + shape.frontToBackCm() + ReefDrawing.MARGIN, within(0.2));
        }
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    @Test
    void rockIsAsWideAndAsHighAsItsMeasures() {
        Layout.Rock rock = new Layout.Rock("r", "R", Layout.Rock.Form.MOUND, 50, 20, 40, 24, 18, 0, Optional.empty());
        var front = RockOutline.front(rock);
        assertThat(front.stream().mapToDouble(p -> p[0]).min().orElse(0)).isCloseTo(30, within(1e-9));
        assertThat(front.stream().mapToDouble(p -> p[0]).max().orElse(0)).isCloseTo(70, within(1e-9));
        assertThat(front.stream().mapToDouble(p -> p[1]).max().orElse(0)).isCloseTo(18, within(1e-9));
        var top = RockOutline.top(rock, 1);
        assertThat(top.stream().mapToDouble(p -> p[1]).min().orElse(0)).isCloseTo(8, within(1e-9));
        assertThat(top.stream().mapToDouble(p -> p[1]).max().orElse(0)).isCloseTo(32, within(1e-9));
        top.forEach(p ->
                assertThat(Math.hypot((p[0] - 50) / 20, (p[1] - 20) / 12)).isLessThanOrEqualTo(1 + 1e-9));
    }

    @Test
    void theSameDayIsDrawnTheSame() throws Exception {
        var one = FishPlacing.of(
                tank(shapes().get(3)),
                Homes.of(
                        tank(shapes().get(3)),
                        swimmers(20).stream().map(FishOnDay::fish).toList()),
                swimmers(20));
        var again = FishPlacing.of(
                tank(shapes().get(3)),
                Homes.of(
                        tank(shapes().get(3)),
                        swimmers(20).stream().map(FishOnDay::fish).toList()),
                swimmers(20));
        assertThat(again).isEqualTo(one);
    }
}
