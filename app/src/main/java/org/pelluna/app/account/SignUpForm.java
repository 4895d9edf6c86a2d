package org.pelluna.app.account;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** What a new keeper enters. */
public class SignUpForm {
    @NotBlank(message = "Please give the name you want to be called by.")
    @Size(max = 60, message = "At most 60 characters, please.")
    public @Nullable String displayName;

    @NotNull(message = "Please choose a name to sign in with.")
    @Pattern(
            regexp = "[A-Za-z0-9][A-Za-z0-9._-]{2,39}|[A-Za-z0-9][A-Za-z0-9._%+-]{0,63}@[A-Za-z0-9][A-Za-z0-9.-]{1,99}",
            message = "A name of 3 to 40 characters, digits, dots, dashes or underscores, or an e-mail address.")
    public @Nullable String username;

    // bcrypt reads no more than 72 bytes.
    @NotNull(message = "Please choose a password.")
    @Size(min = 10, max = 64, message = "10 to 64 characters; a few words in a row make a good one.")
    public @Nullable String password;
}
