package org.pelluna.app.losses;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.app.web.Key;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.springframework.format.annotation.DateTimeFormat;

/** A loss as entered. */
public class LossForm {
    @NotNull
    public String key;

    @NotNull(message = "Which fish?")
    public String fish;

    @NotNull(message = "On which day?")
    @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
    public LocalDate on;

    @NotNull(message = "As far as you know.")
    public Loss.Cause cause;

    @NotNull(message = "How sure are you?")
    public Loss.Certainty certainty = Loss.Certainty.LIKELY;

    @Min(value = 0, message = "Price: enter 0 or more, or leave it empty.")
    public Double price;

    @Size(max = 1000, message = "At most 1,000 characters, please.")
    public String note;

    @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
    public LocalDate lastSeen;

    @Size(max = 1000, message = "At most 1,000 characters, please.")
    public String evidence;

    public String linkedTo;

    Loss loss() {
        return new Loss(
                Key.checked(key),
                new FishId(fish),
                on,
                cause,
                certainty,
                Optional.ofNullable(price),
                Optional.ofNullable(note),
                Optional.ofNullable(evidence),
                Optional.ofNullable(lastSeen),
                Optional.ofNullable(linkedTo).filter(one -> !one.equals(fish)).map(FishId::new));
    }
}
