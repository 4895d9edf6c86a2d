package org.pelluna.app.wishes;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** A new wish as entered. */
public class WishForm {
    @NotNull
    public @Nullable String key;

    /** Key of the species, where the form knows it. */
    public @Nullable String speciesId;

    /** The fish by any of its names. */
    public @Nullable String fish;

    /** The fish chosen, where its name was asked about. */
    public @Nullable String chosen;

    @NotNull(message = "How many?")
    @Min(value = 1, message = "At least one.")
    @Max(value = 50, message = "At most 50.")
    public Integer count = 1;

    public @Nullable Double length;

    public @Nullable Double price;

    @Size(max = 60, message = "At most 60 characters, please.")
    public @Nullable String askedBy;
}
