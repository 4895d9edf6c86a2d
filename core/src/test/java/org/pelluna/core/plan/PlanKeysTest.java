package org.pelluna.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.pelluna.core.Fixtures;
import org.pelluna.core.json.Json;
import org.pelluna.core.tank.TankShape;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** In a file of everything a plan can hold: each key stands once, and each fish, wish and species that is named is there. */
class PlanKeysTest {
    private static ObjectNode file() {
        return (ObjectNode)
                Json.MAPPER.readTree(PlanFile.write(PlanFileTest.everything(new TankShape.Box(150, 55, 58))));
    }

    private static JsonNode at(JsonNode file, String path) {
        JsonNode node = file;
        for (String step : path.split("/")) {
            node = node.isArray() ? node.get(Integer.parseInt(step)) : node.path(step);
        }
        assertThat(node.isMissingNode()).as(path).isFalse();
        return node;
    }

    private static String faults(ObjectNode file) {
        PlanFileException refused =
                catchThrowableOfType(PlanFileException.class, () -> PlanFile.read(file.toString(), Fixtures.CATALOGUE));
        assertThat(refused).isNotNull();
        return refused.faults().toString();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "residents",
                "wishes",
                "log",
                "losses",
                "ownSpecies",
                "waterTests",
                "schedule/setbacks",
                "journal/watches",
                "journal/rollCalls",
                "journal/signs",
                "journal/remedies",
                "journal/crew",
                "journal/tasks",
                "journal/phases",
                "journal/crewPlans",
                "journal/fallows",
                "journal/crewEncounters",
                "journal/reservations"
            })
    void aKeyStandsOnce(String list) {
        ObjectNode file = file();
        ArrayNode all = (ArrayNode) at(file, list);
        assertThat(all.size()).as("the file holds one of " + list).isPositive();
        all.add(all.get(0).deepCopy());
        assertThat(faults(file)).contains("'" + all.get(0).get("id").stringValue() + "' is used twice");
    }

    @ParameterizedTest
    @CsvSource({
        "log/0, aggressorId, no resident",
        "log/0, fishId, no resident",
        "losses/0, fishId, no resident",
        "losses/0, linkedTo, no resident",
        "journal/signs/0, fishId, no resident",
        "journal/remedies/0, fishId, no resident",
        "residents/0, speciesId, no species",
        "wishes/0, speciesId, no species",
        "ownSpecies/0, like, no species"
    })
    void whatIsNamedIsThere(String of, String field, String problem) {
        ObjectNode file = file();
        ((ObjectNode) at(file, of)).put(field, "nobody-at-all");
        assertThat(faults(file)).contains(problem + " 'nobody-at-all'");
    }

    @Test
    void theAnimalsOfACrewsQuarrelThatAreFishAreThere() {
        ObjectNode file = file();
        ArrayNode quarrels = (ArrayNode) at(file, "journal/crewEncounters");
        String before = quarrels.toString();
        String changed = before.replace("\"b\"", "\"nobody-at-all\"");
        assertThat(changed).as("one of them is a fish of the tank").isNotEqualTo(before);
        ((ObjectNode) file.get("journal")).set("crewEncounters", Json.MAPPER.readTree(changed));
        assertThat(faults(file)).contains("no resident 'nobody-at-all'");
    }
}
