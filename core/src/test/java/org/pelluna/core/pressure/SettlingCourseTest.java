package org.pelluna.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.pelluna.core.Fixtures;
import org.pelluna.core.finding.Provenance;

class SettlingCourseTest {
    private final SettlingCourse course = new SettlingCourse(0.2, 10, 0.1, 1, Provenance.PRACTICE);

    @Test
    void halfOfWhatIsAboveTheRestGoesInEachHalfLife() {
        assertThat(course.left(0)).isEqualTo(1);
        assertThat(course.left(-3)).isEqualTo(1);
        assertThat(course.left(10)).isCloseTo(0.6, within(1e-12));
        assertThat(course.left(20)).isCloseTo(0.4, within(1e-12));
        assertThat(course.left(10_000)).isCloseTo(0.2, within(1e-9));
    }

    /** What the lessons of every log and every pressure among residents rest on: a change of it is seen here first. */
    @Test
    void theUsualCourseIsPinned() {
        assertThat(SettlingCourse.USUAL.left(8)).isCloseTo(0.642857, within(1e-6));
        assertThat(SettlingCourse.USUAL.left(30)).isCloseTo(0.338804, within(1e-6));
        assertThat(SettlingCourse.USUAL.left(365)).isCloseTo(2 / 7.0, within(1e-9));
    }

    @Test
    void thePredictedPressureOfAPairFollowsIt() {
        var gale = Fixtures.fish("gale", Fixtures.species("chrysiptera-parasema"), 6, Fixtures.TODAY.minusDays(60));
        var wren = Fixtures.fish("wren", Fixtures.species("ecsenius-bicolor"), 6, Fixtures.TODAY.minusDays(30));
        PressureModel model = new PressureModel(Habitat.of(Fixtures.reef(), Fixtures.TODAY));
        double first = model.of(gale, wren, Meeting.plain(30), Fixtures.TODAY).perHour();
        double later = model.of(gale, wren, Meeting.plain(30).together(30), Fixtures.TODAY)
                .perHour();
        double temper = gale.species().temper().toward().others();
        assertThat(later / first).isCloseTo(SettlingCourse.USUAL.left(30, temper), within(1e-9));
    }

    /** At a temper of 0.07 a tenth of two sevenths stays; at 0.7 two sevenths, as of a quarrel of which no more is known. */
    @Test
    void aMildFishLetsGoAndAFierceOneKeepsAtIt() {
        assertThat(SettlingCourse.USUAL.left(400, 0.07)).isCloseTo(0.1 * 2 / 7, within(1e-9));
        assertThat(SettlingCourse.USUAL.left(400, 0.7)).isEqualTo(SettlingCourse.USUAL.left(400));
        assertThat(SettlingCourse.USUAL.left(400, 1)).isCloseTo(20 / 49.0, within(1e-9));
        assertThat(SettlingCourse.USUAL.left(0, 0.07)).isEqualTo(1);
        assertThat(new SettlingCourse(0.9, 8, 0.1, 1, Provenance.PRACTICE).left(400, 1))
                .isEqualTo(1);
    }

    @Test
    void aCourseThatCannotBeIsRefused() {
        assertThatThrownBy(() -> new SettlingCourse(1.1, 8, 0, 0, Provenance.PRACTICE))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new SettlingCourse(0.2, 0, 0, 0, Provenance.PRACTICE))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
