package org.pelluna.app.shown;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** A remark as it is sent. */
class RemarkForm {
    /** The form's own key. */
    @Nullable
    String key;

    /** The key of the fish or the wish it is about; nothing for the whole plan. */
    @Size(max = 64)
    @Nullable
    String about;

    @NotNull(message = "Say who you are: a first name will do.")
    @Size(max = 40, message = "A name of at most 40 characters.")
    @Nullable
    String author;

    @NotNull(message = "There is nothing in it yet.")
    @Size(max = 600, message = "At most 600 characters; it is too long.")
    @Nullable
    String words;

    /** Whether it was sent. */
    public boolean isSent() {
        return key != null;
    }

    /** Whether it was sent of somebody. */
    public boolean isOf(String subject) {
        return isSent() && subject.equals(about == null ? "" : about);
    }

    public @Nullable String author() {
        return author;
    }

    public @Nullable String words() {
        return words;
    }
}
