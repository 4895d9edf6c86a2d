package org.pelluna.app.wishes;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** A new wish as entered. */
public class WishForm {
    @NotNull
    public String key;

    /** Key of the species, where the form knows it. */
    public String speciesId;

    /** The fish by any of its names. */
    public String fish;

    /** The fish chosen, where its name was asked about. */
    public String chosen;

    @NotNull(message = "How many?")
    @Min(value = 1, message = "At least one.")
    @Max(value = 50, message = "At most 50.")
    public Integer count = 1;

    public Double length;

    public Double price;

    @Size(max = 60, message = "At most 60 characters, please.")
    public String askedBy;
}
