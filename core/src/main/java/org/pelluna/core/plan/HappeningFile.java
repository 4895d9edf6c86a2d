package org.pelluna.core.plan;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import org.pelluna.core.json.Json;
import tools.jackson.databind.json.JsonMapper;

/** Happenings as JSON, so that what takes one back can be kept until it is asked for. */
public final class HappeningFile {
    private static final JsonMapper MAPPER =
            Json.MAPPER.rebuild().addMixIn(Happening.class, Form.class).build();

    private HappeningFile() {}

    /** How happenings are told apart. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "happening")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Happening.Delayed.class, name = "delayed"),
        @JsonSubTypes.Type(value = Happening.FellIll.class, name = "fell_ill"),
        @JsonSubTypes.Type(value = Happening.CameToNothing.class, name = "came_to_nothing"),
        @JsonSubTypes.Type(value = Happening.Arrived.class, name = "arrived"),
        @JsonSubTypes.Type(value = Happening.Lost.class, name = "lost"),
        @JsonSubTypes.Type(value = FishHappening.Left.class, name = "left"),
        @JsonSubTypes.Type(value = FishHappening.TakenOut.class, name = "taken_out"),
        @JsonSubTypes.Type(value = FishHappening.CameBack.class, name = "came_back"),
        @JsonSubTypes.Type(value = FishHappening.Measured.class, name = "measured"),
        @JsonSubTypes.Type(value = FishHappening.Sexed.class, name = "sexed"),
        @JsonSubTypes.Type(value = BondHappening.CameTogether.class, name = "came_together"),
        @JsonSubTypes.Type(value = BondHappening.Parted.class, name = "parted"),
        @JsonSubTypes.Type(value = Happening.Entered.class, name = "entered"),
        @JsonSubTypes.Type(value = Happening.SomeDied.class, name = "some_died"),
        @JsonSubTypes.Type(value = Happening.Ordered.class, name = "ordered"),
        @JsonSubTypes.Type(value = Happening.Struck.class, name = "struck"),
        @JsonSubTypes.Type(value = Happening.Lessened.class, name = "lessened"),
        @JsonSubTypes.Type(value = Happening.Quarantined.class, name = "quarantined"),
        @JsonSubTypes.Type(value = Happening.Phased.class, name = "phased"),
        @JsonSubTypes.Type(value = HappeningInverse.class, name = "taken_back")
    })
    private interface Form {}

    public static String write(Happening what) {
        return MAPPER.writerFor(Happening.class).writeValueAsString(what);
    }

    /** Reads what {@link #write} wrote. */
    public static Happening read(String text) {
        return MAPPER.readValue(text, Happening.class);
    }
}
