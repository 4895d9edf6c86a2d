package org.pelluna.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;

/** Sentences as a keeper types or dictates them, right and wrong. It is a Wednesday, half past seven in the evening. */
class LineTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 25, 19, 30);
    private static final Names NAMES = new Names(residents(), List.of("turbo snail", "peppermint shrimp", "hermits"));

    private static List<Fish> residents() {
        return ResolvedPlan.of(
                        Fixtures.plan(
                                Fixtures.reef(),
                                List.of(
                                        Fixtures.resident("Gale", "pseudochromis-fridmani", 200, 6),
                                        Fixtures.resident("Inkwell", "gramma-loreto", 100, 6),
                                        Fixtures.resident("Bosun", "amphiprion-ocellaris", 300, 8),
                                        Fixtures.resident("Wren", "amphiprion-ocellaris", 300, 6),
                                        Fixtures.resident("Old Tom", "ecsenius-bicolor", 300, 8))),
                        Fixtures.CATALOGUE)
                .residents();
    }

    private static String said(String line) {
        Understood understood = Line.read(line, NAMES, NOW);
        if (!understood.isComplete()) {
            return understood.unknown().isEmpty() ? "ask" : "unknown " + String.join(" ", understood.unknown());
        }
        Understood.What what = understood.what().orElseThrow();
        if (what instanceof Understood.Encounter one) {
            return one.kind() + " " + one.by() + ">" + one.to() + " x" + one.count()
                    + one.hardness().map(hard -> " h" + hard).orElse("")
                    + one.place().map(where -> " @" + where).orElse("");
        }
        if (what instanceof Understood.Injury one) {
            return "INJURY " + one.fish();
        }
        if (what instanceof Understood.Found one) {
            return one.fish() + " " + one.state();
        }
        if (what instanceof Understood.Shows one) {
            return one.fish() + " shows " + one.sign();
        }
        if (what instanceof Understood.Tested one) {
            return one.readings().stream()
                    .map(reading -> reading.kind() + " " + reading.value())
                    .collect(Collectors.joining(" "));
        }
        return what instanceof Understood.Crew one
                ? one.kind() + " " + one.count() + " " + one.name()
                : "note " + ((Understood.Note) what).words();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            gale chased inkwell                                   | CHASE Gale>Inkwell x1
            Gale chased Inkwell twice                             | CHASE Gale>Inkwell x2
            gale chased inkwell hard twice at the left cave       | CHASE Gale>Inkwell x2 h3 @left cave
            gale chased inkwell 11 times                          | CHASE Gale>Inkwell x11
            gale chased inkwell 3x                                | CHASE Gale>Inkwell x3
            gale chases inkwell gently                            | CHASE Gale>Inkwell x1 h1
            gale is chasing inkwell                               | CHASE Gale>Inkwell x1
            gale nipped inkwell near the arch                     | NIP Gale>Inkwell x1 @arch
            gale bit inkwell                                      | NIP Gale>Inkwell x1
            gale pinned inkwell behind the rock twice             | PINNED Gale>Inkwell x2 @rock
            gale cornered inkwell                                 | PINNED Gale>Inkwell x1
            gale flared at inkwell                                | DISPLAY Gale>Inkwell x1
            gale attacked inkwell fiercely                        | CHASE Gale>Inkwell x1 h3
            gale harried inkwell six times                        | CHASE Gale>Inkwell x6
            inkwell was chased by gale                            | CHASE Gale>Inkwell x1
            inkwell was nipped by gale twice                      | NIP Gale>Inkwell x2
            inkwell was bitten by gale                            | INJURY Gale>Inkwell x1
            inkwell was injured                                   | INJURY Inkwell
            inkwell injured                                       | INJURY Inkwell
            gale wounded inkwell                                  | INJURY Gale>Inkwell x1
            ink chased gal                                        | CHASE Inkwell>Gale x1
            old tom chased wren                                   | CHASE Old Tom>Wren x1
            tom chased wren                                       | unknown tom
            the gramma chased gale                                | CHASE Inkwell>Gale x1
            royal gramma chased the orchid dottyback              | CHASE Inkwell>Gale x1
            bosun chased wren at the anemone yesterday evening    | CHASE Bosun>Wren x1 @anemone
            gale chased inkwell twice, hard.                      | CHASE Gale>Inkwell x2 h3
            gale chased inkwell by the left cave                  | CHASE Gale>Inkwell x1 @left cave
            gale chased inkwell around the tall rock twice        | CHASE Gale>Inkwell x2 @tall rock
            gale threatened inkwell                               | DISPLAY Gale>Inkwell x1
            gale hunted inkwell a dozen times                     | CHASE Gale>Inkwell x12
            inkwell not eating                                    | Inkwell SEEN
            inkwell is not eating                                 | Inkwell SEEN
            inkwell doesn’t eat                                   | Inkwell SEEN
            inkwell did not eat today                             | Inkwell SEEN
            inkwell refused food                                  | Inkwell SEEN
            inkwell ate                                           | Inkwell EATING
            inkwell is eating                                     | Inkwell EATING
            inkwell is hiding                                     | Inkwell HIDING
            inkwell missing                                       | Inkwell MISSING
            wren not seen                                         | Wren MISSING
            inkwell is hurt                                       | Inkwell HURT
            inkwell has torn fins                                 | Inkwell shows TORN_FINS
            inkwell has a cloudy eye                              | Inkwell shows CLOUDY_EYE
            inkwell cloudy eye since                              | unknown since
            nitrate 12                                            | NITRATE 12.0
            NO3 12 mg/l                                           | NITRATE 12.0
            nitrate 12, phosphate 0.05                            | NITRATE 12.0 PHOSPHATE 0.05
            kh 8.2                                                | ALKALINITY 8.2
            alkalinity 8,2 dkh                                    | ALKALINITY 8.2
            sg 1.0255                                             | GRAVITY 1.0255
            ammonia 0.25 nitrite 1                                | AMMONIA 0.25 NITRITE 1.0
            ph 8.1                                                | PH 8.1
            calcium 430                                           | CALCIUM 430.0
            temp 25.5                                             | TEMPERATURE 25.5
            3 turbo snails dead                                   | LOST 3 turbo snail
            lost 3 turbo snails                                   | LOST 3 turbo snail
            two turbo snails died                                 | LOST 2 turbo snail
            added 10 hermits                                      | ADDED 10 hermits
            counted 14 turbo snails                               | COUNTED 14 turbo snail
            one peppermint shrimp eaten                           | LOST 1 peppermint shrimp
            note: lights were off all day                         | note lights were off all day
            Note: fed twice                                       | note fed twice
            gale                                                  | ask
            gale chased                                           | ask
            gale chased gale                                      | ask
            chased inkwell                                        | ask
            clownfish chased gale                                 | ask
            nitrate                                               | ask
            ph 81                                                 | ask
            nitrate -3                                            | unknown -3
            turbo snails                                          | ask
            3 turbo snails                                        | ask
            3 conches dead                                        | unknown conches
            gale wibbled inkwell                                  | unknown wibbled
            gale chased bruce                                     | unknown bruce
            gale chased inkwell quickly                           | unknown quickly
            gale inkwell                                          | ask
            note:                                                 | ask
            hello                                                 | unknown hello
            gale and inkwell and bosun chased wren                | ask
            12                                                    | ask
            """)
    void aLineIsUnderstoodOrAskedAbout(String line, String expected) {
        assertThat(said(line)).isEqualTo(expected);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "gale chased inkwell, 2026-11-25T19:30",
        "gale chased inkwell just now, 2026-11-25T19:30",
        "gale chased inkwell yesterday evening, 2026-11-24T19:00",
        "gale chased inkwell this morning, 2026-11-25T09:00",
        "gale chased inkwell last night, 2026-11-24T22:00",
        "gale chased inkwell 20 minutes ago, 2026-11-25T19:10",
        "gale chased inkwell an hour ago, 2026-11-25T18:30",
        "gale chased inkwell at 18:05, 2026-11-25T18:05",
        "gale chased inkwell at 21:00, 2026-11-24T21:00",
        "gale chased inkwell on monday evening, 2026-11-23T19:00",
        "gale chased inkwell on wednesday, 2026-11-18T12:00",
        "gale chased inkwell tonight's, 2026-11-25T19:30"
    })
    void timesAreSeenFromNowAndNeverLieAhead(String line, String at) {
        assertThat(Line.read(line, NAMES, NOW).at()).isEqualTo(LocalDateTime.parse(at));
    }

    @Test
    void itSaysByPartsWhatItUnderstood() {
        assertThat(Line.read("gale chased inkwell hard twice at the left cave", NAMES, NOW)
                        .parts())
                .containsExactly(
                        new Understood.Part("gale", "who: Gale"),
                        new Understood.Part("chased", "what: chase"),
                        new Understood.Part("inkwell", "who: Inkwell"),
                        new Understood.Part("hard", "how hard: 3 of 3"),
                        new Understood.Part("twice", "2 times"),
                        new Understood.Part("left cave", "where"));
    }

    /** Two clownfish: the species does not tell which. */
    @Test
    void whatMayBeTwoFishIsAskedAbout() {
        assertThat(Line.read("clownfish chased gale", NAMES, NOW).missing())
                .contains("may be Bosun or Wren")
                .contains("write the name");
        assertThat(Line.read("", NAMES, NOW).missing()).startsWith("Write what you saw");
    }
}
