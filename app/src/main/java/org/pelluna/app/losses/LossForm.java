package org.pelluna.app.losses;

import static java.util.Objects.requireNonNull;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.web.FormKey;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.springframework.format.annotation.DateTimeFormat;

/** A loss as entered. */
public class LossForm {
    @NotNull
    public @Nullable String key;

    @NotNull(message = "Which fish?")
    public @Nullable String fish;

    @NotNull(message = "On which day?")
    @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
    public @Nullable LocalDate on;

    @NotNull(message = "As far as you know.")
    public Loss.@Nullable Cause cause;

    @NotNull(message = "How sure are you?")
    public Loss.Certainty certainty = Loss.Certainty.LIKELY;

    @Min(value = 0, message = "Price: enter 0 or more, or leave it empty.")
    public @Nullable Double price;

    @Size(max = 1000, message = "At most 1,000 characters, please.")
    public @Nullable String note;

    @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
    public @Nullable LocalDate lastSeen;

    @Size(max = 1000, message = "At most 1,000 characters, please.")
    public @Nullable String evidence;

    public @Nullable String linkedTo;

    Loss loss() {
        return new Loss(
                FormKey.checked(key),
                new FishId(requireNonNull(fish)),
                requireNonNull(on),
                requireNonNull(cause),
                certainty,
                Optional.ofNullable(price),
                Optional.ofNullable(note),
                Optional.ofNullable(evidence),
                Optional.ofNullable(lastSeen),
                Optional.ofNullable(linkedTo).filter(one -> !one.equals(fish)).map(FishId::new));
    }
}
