package org.pelluna.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.pelluna.app.account.KeeperPrincipal;
import org.pelluna.app.web.TankCache;
import org.pelluna.core.arrival.Arrival;
import org.springframework.beans.factory.annotation.Autowired;

/** The calendar of the arrivals, some days of it drawn closer. */
class CalendarChartTest extends PageTest {
    private static final Pattern HEADROOM = Pattern.compile(
            "<path d=\"([^\"]*)\" class=\"panel-line\" data-name=\"Headroom[^\"]*\" data-base=\"([-0-9.]+)\" data-scale=\"([-0-9.E]+)\"");

    @Autowired
    TankCache cache;

    /** Between two arrivals the room used is what the first has left of it, from the first day drawn to the last. */
    @Test
    void betweenTwoArrivalsTheHeadroomIsThatAfterTheFirst() throws Exception {
        KeeperPrincipal keeper = newKeeper();
        UUID tank = tanks.add(keeper.id(), demoPlan());
        List<Arrival> arrivals =
                cache.of(keeper.id(), tank).assessment().order().arrivals();
        Arrival first = arrivals.get(1);
        LocalDate from = first.date().plusDays(2);
        LocalDate to = arrivals.get(2).date().minusDays(2);
        String drawn = page(keeper, "/tanks/" + tank + "/arrivals?from=" + from + "&to=" + to + "&part=true");
        assertThat(drawn)
                .contains("data-from=\"" + from + "\"", "data-to=\"" + to + "\"")
                .doesNotContain("masthead");
        Matcher line = HEADROOM.matcher(drawn);
        assertThat(line.find()).isTrue();
        double base = Double.parseDouble(line.group(2));
        double scale = Double.parseDouble(line.group(3));
        double share = 100 * first.room().used() / first.room().limit();
        String[] points = line.group(1).substring(1).split("L");
        assertThat(points).hasSizeGreaterThan(1);
        for (String point : points) {
            double height = Double.parseDouble(point.strip().split(" ")[1]);
            assertThat((base - height) / scale).as(point).isCloseTo(share, within(0.2));
        }
    }
}
