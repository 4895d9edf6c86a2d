package org.pelluna.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.SQLException;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.storage.FullException;
import org.pelluna.app.storage.NotFoundException;
import org.pelluna.app.storage.StaleVersionException;
import org.pelluna.app.storage.UndoBlockedException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.InvalidPropertyException;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
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
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Troubles that any page may meet, each with a sentence that says what to do. */
@ControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class ErrorHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ErrorHandler.class);

    /** PostgreSQL's code for a key that is there already. */
    private static final String UNIQUE_VIOLATION = "23505";

    private static final String BINDING = "org.springframework.beans.AbstractNestablePropertyAccessor";
    private static final int BINDING_FRAMES = 4;

    @ExceptionHandler(NotFoundException.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String notYours(Model model, HttpServletRequest request) {
        return trouble(model, request, "Nothing here", "There is no such page among your tanks.");
    }

    @ExceptionHandler({StaleVersionException.class, OptimisticLockingFailureException.class})
    @ResponseStatus(HttpStatus.CONFLICT)
    String changed(Model model, HttpServletRequest request) {
        return trouble(
                model,
                request,
                "Changed in another window",
                "Not saved: this changed in another window or on another device after you opened it. Nothing of yours was"
                        + " saved over it: go back, reload, and enter your change again.");
    }

    @ExceptionHandler(UndoBlockedException.class)
    String inTheRecord(
            Model model,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes redirect,
            UndoBlockedException trouble) {
        Optional<Refusal> form = Refusal.of(request, String.valueOf(trouble.getMessage()), "");
        if (form.isPresent()) {
            redirect.addFlashAttribute("refusal", form.get());
            return "redirect:" + Refusal.page(request).orElseThrow();
        }
        response.setStatus(HttpStatus.CONFLICT.value());
        return trouble(model, request, "Not undone", String.valueOf(trouble.getMessage()));
    }

    /** Only a key that is there already means that a form came twice; any other fault of the data is told as what it is. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    String data(Model model, HttpServletRequest request, HttpServletResponse response, Exception trouble) {
        boolean twice = NestedExceptionUtils.getMostSpecificCause(trouble) instanceof SQLException fault
                && UNIQUE_VIOLATION.equals(fault.getSQLState());
        if (twice) {
            response.setStatus(HttpStatus.CONFLICT.value());
            return trouble(model, request, "Sent twice", "The same form arrived twice at once; it was saved once.");
        }
        LOG.error("{} {} could not be stored", request.getMethod(), request.getRequestURI(), trouble);
        response.setStatus(HttpStatus.BAD_REQUEST.value());
        return trouble(
                model,
                request,
                "Not saved",
                "Nothing was saved: something in the form cannot be kept. Look for unusual signs in a name or a note, take"
                        + " them out, and send it again.");
    }

    /** A fault of ours is told as ours, and written where we look for it. */
    @ExceptionHandler(RuntimeException.class)
    @Nullable
    String ours(
            Model model,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes redirect,
            RuntimeException trouble) {
        if (trouble instanceof AccessDeniedException || trouble instanceof AuthenticationException) {
            throw trouble;
        }
        if (DatabaseUnreachable.is(trouble)) {
            throw trouble;
        }
        if (isOfAName(trouble)) {
            return bad(model, request, response, redirect, trouble);
        }
        response.setStatus(HttpStatus.INTERNAL_SERVER_ERROR.value());
        LOG.error("{} {} failed", request.getMethod(), request.getRequestURI(), trouble);
        return trouble(
                model,
                request,
                "Something broke",
                "This is our fault, not yours. What you had saved is safe; go back and try again.");
    }

    /** Whether the name of a field points to where the form has nothing: what binds forms tells it as a state of its own. */
    private static boolean isOfAName(RuntimeException trouble) {
        return trouble instanceof IllegalStateException
                && Stream.of(trouble.getStackTrace())
                        .limit(BINDING_FRAMES)
                        .anyMatch(frame -> frame.getClassName().equals(BINDING));
    }

    @ExceptionHandler({
        MissingServletRequestParameterException.class,
        MethodArgumentTypeMismatchException.class,
        BindException.class,
        MultipartException.class,
        InvalidPropertyException.class,
        FullException.class,
        RefusedException.class
    })
    @Nullable
    String bad(
            Model model,
            HttpServletRequest request,
            HttpServletResponse response,
            RedirectAttributes redirect,
            Exception trouble) {
        if (trouble instanceof MethodArgumentTypeMismatchException mismatch
                && mismatch.getParameter().hasParameterAnnotation(PathVariable.class)) {
            response.setStatus(HttpStatus.NOT_FOUND.value());
            return notYours(model, request);
        }
        if (Boolean.parseBoolean(request.getParameter("queued"))) {
            return toAQueue(response, trouble);
        }
        Optional<Refusal> form = Refusal.of(
                request,
                ofTheirs(trouble)
                        ? "Not saved: " + trouble.getMessage() + "."
                        : "Not saved: this is missing or cannot be read.",
                field(trouble));
        if (form.isPresent()) {
            redirect.addFlashAttribute("refusal", form.get());
            return "redirect:" + Refusal.page(request).orElseThrow();
        }
        response.setStatus(HttpStatus.BAD_REQUEST.value());
        String reason = ofTheirs(trouble)
                ? "Not saved: " + trouble.getMessage() + "."
                : "Something is missing or cannot be read" + named(trouble) + "; go back, mend it and send it again.";
        return trouble(model, request, "Not understood", reason);
    }

    /** Whether its words are meant for the keeper. */
    private static boolean ofTheirs(Exception trouble) {
        return trouble instanceof RefusedException || trouble instanceof FullException;
    }

    /** What waited for a connection has no page to go back to: it is told why in a line. */
    private static @Nullable String toAQueue(HttpServletResponse response, Exception trouble) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        response.setContentType("text/plain;charset=UTF-8");
        try {
            response.getWriter()
                    .write(
                            ofTheirs(trouble)
                                    ? "not taken: " + trouble.getMessage()
                                    : "not taken: something is missing or cannot be read" + named(trouble));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
        return null;
    }

    /** The field that is meant; empty where it is not known. */
    private static String field(Exception trouble) {
        return trouble instanceof MissingServletRequestParameterException missing
                ? missing.getParameterName()
                : trouble instanceof MethodArgumentTypeMismatchException mismatch ? mismatch.getName() : "";
    }

    private static String named(Exception trouble) {
        return field(trouble).isEmpty() ? "" : ": “" + field(trouble) + "”";
    }

    @ExceptionHandler(MaxUploadSizeExceededException.class)
    @ResponseStatus(HttpStatus.CONTENT_TOO_LARGE)
    String tooLarge(Model model, HttpServletRequest request) {
        return trouble(model, request, "Too large", "A plan file may have 20 MB at most; nothing was imported.");
    }

    private static String trouble(Model model, HttpServletRequest request, String heading, String sentence) {
        model.addAttribute("heading", heading);
        model.addAttribute("sentence", sentence);
        model.addAttribute("look", Theme.of(request));
        model.addAttribute("here", "/tanks");
        return "trouble";
    }
}
