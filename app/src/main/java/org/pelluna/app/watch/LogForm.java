package org.pelluna.app.watch;

import static java.util.Objects.requireNonNull;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.storage.VersionMark;
import org.pelluna.app.web.FormKey;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.Animal;
import org.pelluna.core.watch.CrewEncounter;
import org.pelluna.core.watch.LogEntry;
import org.springframework.format.annotation.DateTimeFormat;

/** A log entry as entered. */
public class LogForm {
    /** Stands before the name of invertebrates where a fish's key could stand. */
    static final String CREW = "crew:";

    @NotNull
    public @Nullable String key;

    /** Mark of the entry from which the form was made; empty for a new one. */
    public @Nullable String seen;

    @NotNull(message = "When was it?")
    @DateTimeFormat(iso = DateTimeFormat.ISO.DATE_TIME)
    public @Nullable LocalDateTime at;

    @NotNull(message = "What was seen?")
    public LogEntry.Kind kind = LogEntry.Kind.CHASE;

    public @Nullable String aggressor;
    public @Nullable String fish;

    @Min(value = 1, message = "1 to 3.")
    @Max(value = 3, message = "1 to 3.")
    public @Nullable Integer hardness;

    @Size(max = 60, message = "At most 60 characters, please.")
    public @Nullable String place;

    @Min(value = 1, message = "At least a minute.")
    @Max(value = 1440, message = "At most a day.")
    public @Nullable Integer minutes;

    @Size(max = 1000, message = "At most 1,000 characters, please.")
    public @Nullable String note;

    static LogForm of(LogEntry entry) {
        LogForm form = new LogForm();
        form.key = entry.id();
        form.seen = VersionMark.mark(entry);
        form.at = entry.at();
        form.kind = entry.kind();
        form.aggressor = entry.aggressorId().map(FishId::key).orElse(null);
        form.fish = entry.fishId().map(FishId::key).orElse(null);
        form.hardness = entry.hardness().orElse(null);
        form.place = entry.place().orElse(null);
        form.minutes = entry.watchedMinutes().orElse(null);
        form.note = entry.note().orElse(null);
        return form;
    }

    /**
     * The entry.
     *
     * @throws IllegalArgumentException with a sentence, if something is missing
     */
    LogEntry entry() {
        return entry(FormKey.checked(key));
    }

    /** Whether one of the two is no fish. */
    boolean namesCrew() {
        return isCrew(aggressor) || isCrew(fish);
    }

    /**
     * What passed between a fish and invertebrates.
     *
     * @throws IllegalArgumentException with a sentence, if something is missing
     */
    CrewEncounter crewEncounter() {
        return new CrewEncounter(
                FormKey.checked(key),
                requireNonNull(at),
                kind,
                animal(aggressor, "who did it"),
                animal(fish, "to whom"),
                Optional.ofNullable(hardness),
                Optional.ofNullable(note).filter(text -> !text.isBlank()));
    }

    private static boolean isCrew(@Nullable String choice) {
        return choice != null && choice.startsWith(CREW);
    }

    private static Animal animal(@Nullable String choice, String question) {
        if (choice == null || choice.isBlank()) {
            throw new IllegalArgumentException("choose " + question);
        }
        return isCrew(choice) ? Animal.crew(choice.substring(CREW.length())) : Animal.fish(new FishId(choice));
    }

    /** The entry under a key it has already. */
    LogEntry entry(String known) {
        boolean harmful = kind.hasAggressor() || kind == LogEntry.Kind.INJURY;
        return new LogEntry(
                known,
                requireNonNull(at),
                kind,
                harmful ? Optional.ofNullable(aggressor).map(FishId::new) : Optional.empty(),
                Optional.ofNullable(fish).map(FishId::new),
                harmful ? Optional.ofNullable(hardness) : Optional.empty(),
                Optional.ofNullable(place),
                Optional.ofNullable(minutes),
                Optional.ofNullable(note));
    }
}
