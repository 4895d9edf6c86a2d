package org.pelluna.app.portrait;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.StringReader;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.pelluna.app.web.Measures;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.HouseRules;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.CatalogueFiles;
import org.pelluna.core.species.Species;
import org.pelluna.core.tank.Cover;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankBuilder;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterRegime;
import org.pelluna.core.tank.WaterSpace;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

class PortraitsTest {
    private static final Catalogue CATALOGUE = CatalogueFiles.shipped();
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

    private static Document parsed(String svg) throws Exception {
        return DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
    }

    @Test
    void everySpeciesHasAWellFormedPortraitOfItsOwn() throws Exception {
        NodeList symbols = parsed(Portraits.sheet(CATALOGUE.all()).toString()).getElementsByTagName("symbol");
        int forms = CATALOGUE.all().stream().mapToInt(one -> one.forms().size()).sum();
        assertThat(symbols.getLength()).isEqualTo(CATALOGUE.all().size() + forms);
        Map<String, List<SpeciesId>> drawn = CATALOGUE.all().stream()
                .collect(Collectors.groupingBy(
                        one -> Portraits.sheet(List.of(one))
                                .toString()
                                .replace(one.id().key(), ""),
                        Collectors.mapping(Species::id, Collectors.toList())));
        assertThat(drawn.values()).as("no two species are drawn alike").allMatch(ids -> ids.size() == 1);
    }

    @Test
    void fishInTheTankAreDrawnToTheScaleOfTheGlass() throws Exception {
        ResolvedPlan stock = stock(new TankShape.Box(150, 55, 58));
        Document drawing = parsed(FishInReef.today(stock, Measures.METRIC, 0).toString());
        NodeList uses = drawing.getElementsByTagName("use");
        assertThat(uses.getLength()).isEqualTo(2);
        for (int i = 0; i < 2; i++) {
            double length = stock.residents().get(i).lengthCmOn(TODAY);
            double drawn = Double.parseDouble(((Element) uses.item(i)).getAttribute("width"));
            assertThat(drawn).isCloseTo(length * Portraits.FIELD_WIDTH / 100, within(0.06));
        }
        NodeList glass = drawing.getElementsByTagName("rect");
        assertThat(java.util.stream.IntStream.range(0, glass.getLength())
                        .mapToObj(i -> (Element) glass.item(i))
                        .filter(one -> one.getAttribute("class").equals("glass")))
                .singleElement()
                .satisfies(one -> assertThat(one.getAttribute("width")).isEqualTo("150"));
    }

    @Test
    void tanksOnFieldsOfOneWidthAreToOneScale() throws Exception {
        String small = FishInReef.today(stock(new TankShape.Box(60, 40, 40)), Measures.METRIC, 150)
                .toString();
        String large = FishInReef.today(stock(new TankShape.Box(150, 55, 58)), Measures.METRIC, 150)
                .toString();
        assertThat(fieldWidth(small)).isEqualTo(fieldWidth(large));
    }

    private static String fieldWidth(String drawing) throws Exception {
        return parsed(drawing).getDocumentElement().getAttribute("viewBox").split(" ")[2];
    }

    @Test
    void everyShapeOfTankCanBeDrawnAndNamesAreEscaped() throws Exception {
        for (TankShape shape : List.of(
                new TankShape.Box(30, 30, 30),
                new TankShape.BowFront(120, 45, 60, 55),
                new TankShape.Cylinder(60, 70),
                new TankShape.Box(600, 150, 90))) {
            assertThat(parsed(FishInReef.today(stock(shape), Measures.METRIC, 0).toString())
                            .getDocumentElement()
                            .getTextContent())
                    .contains("A <fish> & co");
        }
    }

    private static ResolvedPlan stock(TankShape shape) {
        Tank tank = TankBuilder.builder()
                .guesses(java.util.Set.of())
                .cyclingSince(Optional.empty())
                .name("T")
                .shape(shape)
                .water(WaterSpace.usual(2, 5, 0))
                .cycledOn(Optional.of(TODAY.minusYears(2)))
                .cover(new Cover(Cover.Kind.LID, 3))
                .sandDepthCm(3)
                .refugiumLitres(0)
                .shelters(4)
                .feedingPlaces(1)
                .regime(new WaterRegime(25, 1.025))
                .experience(Tank.Experience.SEASONED)
                .holdings(Map.of())
                .build();
        List<Resident> residents = List.of(
                new Resident(
                        new FishId("a"),
                        new SpeciesId("gramma-loreto"),
                        "A <fish> & co",
                        TODAY.minusDays(100),
                        4,
                        Optional.empty()),
                new Resident(
                        new FishId("b"),
                        new SpeciesId("zebrasoma-flavescens"),
                        "B",
                        TODAY.minusDays(50),
                        7,
                        Optional.empty()));
        return ResolvedPlan.of(
                TankPlan.of(TODAY, tank, HouseRules.USUAL).with(as -> as.residents(residents)), CATALOGUE);
    }
}
