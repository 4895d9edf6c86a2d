package org.pelluna.app.storage;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** What was asked for does not exist for this keeper, whether or not it exists for another. */
@ResponseStatus(HttpStatus.NOT_FOUND)
public class NotFoundException extends RuntimeException {
    public NotFoundException(String what) {
        super(what);
    }
}
