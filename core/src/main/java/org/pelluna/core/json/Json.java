package org.pelluna.core.json;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.pelluna.core.finding.Finding;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.finding.Sentence;
import org.pelluna.core.id.FishId;
import org.pelluna.core.id.SpeciesId;
import org.pelluna.core.id.WishId;
import org.pelluna.core.tank.Guess;
import org.pelluna.core.tank.Tank;
import org.pelluna.core.tank.TankShape;
import org.pelluna.core.tank.WaterRegime;
import org.pelluna.core.watch.CrewEncounter;
import org.pelluna.core.watch.CrewPlan;
import org.pelluna.core.watch.Fallow;
import org.pelluna.core.watch.Observations;
import org.pelluna.core.watch.Phase;
import org.pelluna.core.watch.Reservation;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.std.FromStringDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.ToStringSerializer;

/** The mapper between Pelluna's values and JSON. */
public final class Json {
    /** Braces, names and values that one text may have: four times a log of 20,000 entries. A longer one is refused while it is read. */
    private static final long MOST_TOKENS = 2_000_000;

    private static final int DEEPEST = 60;

    /**
     * Strict: unknown fields are refused. Dates are ISO 8601, choices in lower case, empty optionals are left out.
     */
    public static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxTokenCount(MOST_TOKENS)
                            .maxNestingDepth(DEEPEST)
                            .build())
                    .build())
            .addModule(words())
            .addMixIn(TankShape.class, ShapeForm.class)
            .addMixIn(Tank.class, TankForm.class)
            .addMixIn(Finding.class, FindingForm.class)
            .addMixIn(Observations.class, ObservationsForm.class)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
            .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
            .enable(EnumFeature.WRITE_ENUMS_TO_LOWERCASE)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .changeDefaultPropertyInclusion(inclusion -> inclusion.withValueInclusion(JsonInclude.Include.NON_ABSENT))
            .build();

    private Json() {}

    /** How the shapes of a tank are told apart. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = TankShape.Box.class, name = "box"),
        @JsonSubTypes.Type(value = TankShape.BowFront.class, name = "bow_front"),
        @JsonSubTypes.Type(value = TankShape.Cylinder.class, name = "cylinder")
    })
    private interface ShapeForm {}

    /** Temperature and salinity stand among the other figures of the tank. */
    interface TankForm {
        @JsonUnwrapped
        WaterRegime regime();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        Set<Guess> guesses();
    }

    /** What earlier files do not have: none are written where there are none. */
    interface ObservationsForm {
        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<Phase> phases();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<CrewPlan> crewPlans();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<CrewEncounter> crewEncounters();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<Reservation> reservations();

        @JsonInclude(JsonInclude.Include.NON_EMPTY)
        List<Fallow> fallows();
    }

    /** A finding's reason is its sentence. */
    private interface FindingForm {
        @JsonProperty("sentence")
        Sentence reason();

        @JsonProperty("schools")
        List<Sentence> approaches();
    }

    /** A key is its text, as a value and as the name of a field. */
    private static <K> void key(SimpleModule module, Class<K> type, Function<String, K> of) {
        module.addSerializer(type, ToStringSerializer.instance);
        module.addDeserializer(type, new FromStringDeserializer<K>(type) {
            @Override
            protected K _deserialize(String text, DeserializationContext context) {
                return of.apply(text);
            }
        });
    }

    /** Values that are one string: where a figure comes from, and a sentence in the core's units. */
    private static SimpleModule words() {
        SimpleModule module = new SimpleModule("pelluna");
        module.setValueInstantiators(new AbsentKeys());
        module.addDeserializer(Provenance.class, new ValueDeserializer<>() {
            @Override
            public Provenance deserialize(JsonParser parser, DeserializationContext context) throws JacksonException {
                return Provenance.parse(parser.getString());
            }
        });
        module.addSerializer(Provenance.class, new ValueSerializer<>() {
            @Override
            public void serialize(Provenance value, JsonGenerator out, SerializationContext context) {
                out.writeString(value.words());
            }
        });
        module.addSerializer(Sentence.class, new ValueSerializer<>() {
            @Override
            public void serialize(Sentence value, JsonGenerator out, SerializationContext context) {
                out.writeString(value.toString());
            }
        });
        key(module, SpeciesId.class, SpeciesId::new);
        key(module, FishId.class, FishId::new);
        key(module, WishId.class, WishId::new);
        return module;
    }
}
