package org.pelluna.app.watch;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.pelluna.core.growth.GrowthCurve;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.species.CatalogueFiles;
import org.pelluna.core.tension.Ranks;

class RankChartTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

    private static Ranks.Rank rank(String id, double elo) {
        var species = CatalogueFiles.shipped().get(new SpeciesId("chrysiptera-parasema"));
        Fish fish = new Fish(
                new FishId(id),
                id,
                species,
                new GrowthCurve(TODAY.minusYears(2), 4, species.size().adultCm().value(), 0.8));
        return new Ranks.Rank(fish, 0, elo, 1, 1);
    }

    private static Ranks ranks(Map<FishId, Map<LocalDate, Double>> courses) {
        return new Ranks(List.of(rank("high", 1300), rank("low", 700)), Optional.empty(), List.of(), courses, 10);
    }

    private static List<String> lines(String svg) {
        return Pattern.compile("class=\"rank-line\" d=\"([^\"]+)\"")
                .matcher(svg)
                .results()
                .map(one -> one.group(1))
                .toList();
    }

    @Test
    void aLongCourseIsDrawnOnceForEachPixelAndEndsWhereItEnds() {
        Map<LocalDate, Double> rising = new LinkedHashMap<>();
        Map<LocalDate, Double> falling = new LinkedHashMap<>();
        for (int i = 0; i <= 1500; i++) {
            rising.put(TODAY.minusDays(1500 - i), 1000 + i / 5.0);
            falling.put(TODAY.minusDays(1500 - i), 1000 - i / 5.0);
        }
        List<String> lines =
                lines(RankChart.svg(ranks(Map.of(new FishId("high"), rising, new FishId("low"), falling)), TODAY)
                        .toString());
        assertThat(lines).hasSize(2);
        for (String line : lines) {
            List<Integer> pixels = Pattern.compile("[MH]([0-9.]+)")
                    .matcher(line)
                    .results()
                    .map((MatchResult one) -> (int) Math.floor(Double.parseDouble(one.group(1)) + 0.05))
                    .toList();
            assertThat(pixels).hasSizeLessThan(830);
            assertThat(pixels).isSorted();
        }
        double top = y(lines.get(0));
        double bottom = y(lines.get(1));
        // 600 points of rating over the height of 300.
        assertThat(bottom - top).isBetween(290.0, 301.0);
    }

    private static double y(String line) {
        List<String> heights = Pattern.compile("V([-0-9.]+)")
                .matcher(line)
                .results()
                .map(one -> one.group(1))
                .toList();
        return Double.parseDouble(heights.get(heights.size() - 1));
    }

    @Test
    void whoNeverMetAnotherHasNoLine() {
        Map<LocalDate, Double> once = new LinkedHashMap<>(Map.of(TODAY.minusDays(3), 1050.0));
        String svg =
                RankChart.svg(ranks(Map.of(new FishId("high"), once)), TODAY).toString();
        assertThat(lines(svg)).hasSize(1);
        assertThat(svg).contains(">high</text>").doesNotContain(">low</text>");
    }
}
