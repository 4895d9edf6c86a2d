package org.pelluna.app.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.pelluna.app.svg.Svg;

class TimeAxisTest {
    private static final LocalDate FROM = LocalDate.of(2026, 11, 1);
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
    private static final TimeAxis AXIS = new TimeAxis(FROM, FROM.plusDays(100), TODAY, 800);

    @Test
    void daysLieInProportion() {
        assertThat(AXIS.x(FROM)).isZero();
        assertThat(AXIS.x(FROM.plusDays(100))).isCloseTo(800, within(1e-9));
        assertThat(AXIS.x(FROM.plusDays(25))).isCloseTo(200, within(1e-9));
        assertThat(AXIS.dayWidth()).isCloseTo(8, within(1e-9));
        // A single day is still something to stand on.
        assertThat(new TimeAxis(FROM, FROM, FROM, 800).dayWidth()).isEqualTo(800);
    }

    @Test
    void everyMonthHasItsLineAndTheFirstOfAYearItsYear() {
        String svg = AXIS.svg(10, 100).toString();
        assertThat(Pattern.compile("class=\"graticule\"").matcher(svg).results())
                .hasSize(4);
        assertThat(svg)
                .contains(">Nov 2026<")
                .contains(">Dec<")
                .contains("Jan 2027")
                .contains(">Feb<")
                .contains("class=\"today\"");
        assertThat(svg).contains("M" + Svg.number(AXIS.x(TODAY)) + " ");
    }

    @Test
    void overManyYearsLabelsDoNotCrowd() {
        for (int years : new int[] {1, 3, 5, 10, 40}) {
            TimeAxis axis = new TimeAxis(FROM, FROM.plusYears(years), TODAY, 800);
            var found = Pattern.compile("<text x=\"([-0-9.]+)\"[^>]*chart-small\">[A-Z]")
                    .matcher(axis.svg(0, 10).toString());
            List<Double> places =
                    found.results().map(one -> Double.valueOf(one.group(1))).toList();
            assertThat(places).as("%d years", years).hasSizeGreaterThan(0);
            for (int i = 1; i < places.size(); i++) {
                assertThat(places.get(i) - places.get(i - 1))
                        .as("%d years", years)
                        .isGreaterThan(55);
            }
        }
    }

    @Test
    void aPanelDrawsItsCourseItsLimitAndWhatWasTestedToOneScale() {
        TimePanel panel = new TimePanel(
                "Nitrate, mg/L",
                List.of(new TimePanel.Point(FROM, 0), new TimePanel.Point(FROM.plusDays(50), 10)),
                Optional.of(20.0),
                "target",
                List.of(new TimePanel.Point(FROM.plusDays(25), 5)),
                0);
        String svg = panel.svg(AXIS, 100, 60).toString();
        assertThat(svg).contains("target 20").contains("measured 5 on " + FROM.plusDays(25));
        double base = number(svg, "([-0-9.]+)Z\" class=\"panel-area\"");
        double limit = number(svg, "M0 ([-0-9.]+)H800\" class=\"panel-limit\"");
        double tested = number(svg, "M200 ([-0-9.]+)l5");
        // The lozenge stands five units above its point; 5 mg/L lies at a quarter of the way from none to the limit of
        // 20.
        assertThat((base - (tested + 5)) / (base - limit)).isCloseTo(0.25, within(0.02));
    }

    /** The band from 6 to 30 on the last day: a fifth as high below as above, and the panel makes room for it. */
    @Test
    void aSpreadIsDrawnToTheSameScaleAndHasRoom() {
        TimePanel panel = new TimePanel(
                "Length, cm",
                List.of(new TimePanel.Point(FROM, 5), new TimePanel.Point(FROM.plusDays(50), 15)),
                Optional.empty(),
                "",
                List.of(),
                0,
                List.of(new TimePanel.Range(FROM, 5, 5), new TimePanel.Range(FROM.plusDays(50), 6, 30)));
        String svg = panel.svg(AXIS, 100, 60).toString();
        double high = number(svg, "d=\"M0 [-0-9.]+L400 ([-0-9.]+)L400 [-0-9.]+L0 [-0-9.]+Z\" class=\"panel-spread\"");
        double low = number(svg, "L400 ([-0-9.]+)L0 [-0-9.]+Z\" class=\"panel-spread\"");
        assertThat(high).isGreaterThan(100);
        assertThat((160 - low) / (160 - high)).isCloseTo(0.2, within(0.01));
    }

    private static double number(String svg, String pattern) {
        var found = Pattern.compile(pattern).matcher(svg);
        assertThat(found.find()).as(pattern + " in " + svg).isTrue();
        return Double.parseDouble(found.group(1));
    }
}
