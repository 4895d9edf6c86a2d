package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.pelluna.core.Fixtures.CATALOGUE;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.pelluna.core.json.Json;
import org.pelluna.core.stored.IfAbsent;
import org.pelluna.core.tank.Purpose;
import org.pelluna.core.tank.TankShape;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What was stored before a figure existed stays readable. Every key of a plan is taken out in turn: it is read with its stated default, or
 * it is one without which its record means nothing.
 */
class AbsentKeysTest {
    /** Keys that no default can stand for: what a thing is, when it was, how large. A key is added here only with its record. */
    private static final String ESSENTIAL = """
            /: asOf format residents tank version wishes
            /journal/crew/0: count group id name on
            /journal/crewEncounters/0: at by id kind to
            /journal/crewEncounters/0/by: fish
            /journal/crewEncounters/0/to: crew
            /journal/crewPlans/0: group id name since
            /journal/fallows/0: id on parasite
            /journal/phases/0/cut: on
            /journal/phases/0: from id kind
            /journal/remedies/0: from id kind
            /journal/reservations/0: from id tank until wish
            /journal/rollCalls/0: at found id
            /journal/rollCalls/0/found: b
            /journal/signs/0: at fishId id kind
            /journal/tasks/0: id on words
            /journal/watches/0: id minutes start
            /log/0: aggressorId at fishId id kind
            /losses/0: cause fishId id on
            /ownSpecies/0: adultCm commonName gape id like saleCm scientificName swimCm volumeLitres
            /residents/0: arrivedOn id lengthCm speciesId
            /schedule/bookings/0: from until
            /schedule/boxChecks/0: attacked on wishId
            /schedule/quarantine: litres places
            /schedule/setbacks/0: id kind on
            /schedule/ticks/0: at step wishId
            /tank/drawn/box: depthCm heightCm widthCm xCm yCm
            /tank/drawn/feeding/0: id kind xCm yCm
            /tank/drawn/gaps/0: id widthMm xCm yCm
            /tank/drawn/rocks/0: depthCm form heightCm id widthCm xCm yCm
            /tank/drawn/shelters/0: id kind sizeCm xCm yCm zCm
            /tank/purpose: berths kind
            /tank/purpose/berths: places
            /tank: shape
            /tank/shape: heightCm kind lengthCm widthCm
            /waterTests/0: id kind on value
            /wishes/0: id speciesId
            """;

    private static ObjectNode everything() {
        TankPlan plan = PlanFileTest.everything(new TankShape.Box(120, 50, 58));
        TankPlan quarantine = plan.withTank(plan.tank()
                .withPurpose(Optional.of(new Purpose(
                        Purpose.Kind.HOLDING, Optional.of(new Purpose.Berths(4, 2)), Optional.of("a neighbour")))));
        return (ObjectNode) Json.MAPPER.readTree(PlanFile.write(quarantine));
    }

    /** The addresses of all keys, those of lists by their first item alone. */
    private static List<String> keys(JsonNode node, String at) {
        List<String> keys = new ArrayList<>();
        node.properties().forEach(field -> {
            String path = at + "/" + field.getKey();
            keys.add(path);
            keys.addAll(keys(field.getValue(), path));
        });
        if (node.isArray() && node.size() > 0) {
            keys.addAll(keys(node.get(0), at + "/0"));
        }
        return keys;
    }

    private static Set<String> essential() {
        Set<String> paths = new TreeSet<>();
        ESSENTIAL.lines().forEach(line -> {
            String[] parts = line.split(": ");
            for (String key : parts[1].split(" ")) {
                paths.add((parts[0].equals("/") ? "" : parts[0]) + "/" + key);
            }
        });
        return paths;
    }

    @Test
    void everyKeyHasADefaultOrIsEssential() {
        Set<String> refused = new TreeSet<>();
        for (String path : keys(everything(), "")) {
            ObjectNode file = everything();
            int last = path.lastIndexOf('/');
            ((ObjectNode) file.at(path.substring(0, last))).remove(path.substring(last + 1));
            try {
                PlanFile.read(file.toString(), CATALOGUE);
            } catch (PlanFileException e) {
                refused.add(path);
            }
        }
        assertThat(refused).isEqualTo(essential());
    }

    /** The defaults beside the components are those of a new plan. */
    @Test
    void anEmptyTextIsReadAsTheUsual() {
        assertThat(Json.MAPPER.readValue("{}", HouseRules.class)).isEqualTo(HouseRules.USUAL);
        assertThat(Json.MAPPER.readValue("{}", Approaches.class)).isEqualTo(Approaches.USUAL);
        assertThat(Json.MAPPER.readValue("{}", Husbandry.class)).isEqualTo(Husbandry.USUAL);
        assertThat(Json.MAPPER.readValue("{}", Schedule.class)).isEqualTo(Schedule.NONE);
        assertThat(Json.MAPPER.readValue("{}", Life.class)).isEqualTo(Life.NONE);
    }

    private record Before(String name) {}

    private record After(
            String name,
            @IfAbsent("12.5") double figure,
            @IfAbsent("\"LID\"") String cover) {}

    /** A figure is added to a record that was stored without it. */
    @Test
    void aNewFigureReadsWhatWasStoredBeforeIt() {
        String stored = Json.MAPPER.writeValueAsString(new Before("Skerry"));
        assertThat(Json.MAPPER.readValue(stored, After.class)).isEqualTo(new After("Skerry", 12.5, "LID"));
    }
}
