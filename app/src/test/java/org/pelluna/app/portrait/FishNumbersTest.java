package org.pelluna.app.portrait;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.pelluna.app.svg.Svg;

class FishNumbersTest {
    private static final Pattern PLACE = Pattern.compile("x=\"([-0-9.]+)\" y=\"([-0-9.]+)\"");

    private static double[] place(Svg text) {
        Matcher found = PLACE.matcher(text.toString());
        assertThat(found.find()).isTrue();
        return new double[] {Double.parseDouble(found.group(1)), Double.parseDouble(found.group(2))};
    }

    @Test
    void aNumberAloneStandsWhereItBelongs() {
        assertThat(place(new FishNumbers(2).place(7, 30, 12))).containsExactly(30, 12);
    }

    @Test
    void numbersOfFishThatHoverTogetherDoNotCoverEachOther() {
        FishNumbers numbers = new FishNumbers(2);
        List<double[]> places = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            places.add(place(numbers.place(30 + i, 50 + 0.3 * i, 20 + 0.2 * i)));
        }
        for (int i = 0; i < places.size(); i++) {
            for (int j = i + 1; j < places.size(); j++) {
                boolean apart = Math.abs(places.get(i)[0] - places.get(j)[0]) >= 2.1
                        || Math.abs(places.get(i)[1] - places.get(j)[1]) >= 1.5;
                assertThat(apart).as("%d and %d", i, j).isTrue();
            }
        }
    }
}
