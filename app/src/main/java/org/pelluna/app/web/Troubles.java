package org.pelluna.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.pelluna.app.storage.ChangedMeanwhile;
import org.pelluna.app.storage.NotYours;
import org.pelluna.app.storage.StillInTheRecord;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.validation.BindException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** Troubles that any page may meet, each with a sentence that says what to do. */
@ControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class Troubles {
    @ExceptionHandler(NotYours.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String notYours(Model model, HttpServletRequest request) {
        return trouble(model, request, "Nothing here", "There is no such page among your tanks.");
    }

    @ExceptionHandler({ChangedMeanwhile.class, OptimisticLockingFailureException.class})
    @ResponseStatus(HttpStatus.CONFLICT)
    String changed(Model model, HttpServletRequest request) {
        return trouble(
                model,
                request,
                "Changed meanwhile",
                "This was changed in another window or on another device after you opened it. Nothing of yours was"
                        + " saved over it: go back, reload, and enter your change again.");
    }

    @ExceptionHandler(StillInTheRecord.class)
    @ResponseStatus(HttpStatus.CONFLICT)
    String inTheRecord(Model model, HttpServletRequest request) {
        return trouble(
                model,
                request,
                "Not taken back",
                "This arrival cannot be taken back: the log or the losses speak of the fish since. Remove those entries"
                        + " first, or record how the fish left.");
    }

    @ExceptionHandler(DataIntegrityViolationException.class)
    @ResponseStatus(HttpStatus.CONFLICT)
    String doubled(Model model, HttpServletRequest request) {
        return trouble(model, request, "Sent twice", "The same form arrived twice at once; it was saved once.");
    }

    @ExceptionHandler({
        MissingServletRequestParameterException.class,
        MethodArgumentTypeMismatchException.class,
        BindException.class,
        MultipartException.class,
        IllegalArgumentException.class
    })
    String bad(Model model, HttpServletRequest request, HttpServletResponse response, Exception trouble) {
        if (trouble instanceof MethodArgumentTypeMismatchException mismatch
                && mismatch.getParameter().hasParameterAnnotation(PathVariable.class)) {
            response.setStatus(HttpStatus.NOT_FOUND.value());
            return notYours(model, request);
        }
        response.setStatus(HttpStatus.BAD_REQUEST.value());
        String reason =
                trouble instanceof IllegalArgumentException && !(trouble instanceof MethodArgumentTypeMismatchException)
                        ? "What was sent does not fit: " + trouble.getMessage() + "."
                        : "What was sent is incomplete or not understood; go back and try again.";
        return trouble(model, request, "Not understood", reason);
    }

    @ExceptionHandler(MaxUploadSizeExceededException.class)
    @ResponseStatus(HttpStatus.CONTENT_TOO_LARGE)
    String tooLarge(Model model, HttpServletRequest request) {
        return trouble(model, request, "Too large", "A plan file may have 20 MB at most; nothing was imported.");
    }

    private static String trouble(Model model, HttpServletRequest request, String heading, String sentence) {
        model.addAttribute("heading", heading);
        model.addAttribute("sentence", sentence);
        model.addAttribute("look", Look.of(request));
        model.addAttribute("here", "/tanks");
        return "trouble";
    }
}
