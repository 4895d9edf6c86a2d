package org.pelluna.app.web;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.pelluna.core.units.Dates;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.IContext;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.dialect.IPostProcessorDialect;
import org.thymeleaf.engine.AbstractTemplateHandler;
import org.thymeleaf.model.ICloseElementTag;
import org.thymeleaf.model.IOpenElementTag;
import org.thymeleaf.model.IText;
import org.thymeleaf.postprocessor.IPostProcessor;
import org.thymeleaf.postprocessor.PostProcessor;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * Dates as people read them, on every page: whatever text of a page holds a date of the files (2026-11-25) shows it as {@code Wed 25 Nov}, with
 * the year where it is not this one. Values of forms and attributes keep the form of the files; so does what a keeper is typing.
 */
@Component
public class ReadableDates implements IPostProcessorDialect {
    /** Under which name the frame gives the page its day. */
    static final String TODAY = "dayOfThePage";

    private static final Pattern DATE =
            Pattern.compile("(?<![\\w-])(\\d{4}-\\d{2}-\\d{2})(?:T(?=\\d{2}:\\d{2})|(?![\\w-]))");
    private static final Pattern BETWEEN_TAGS = Pattern.compile("(^|>)([^<>]*)(?=<|$)");

    @Override
    public String getName() {
        return "readable dates";
    }

    @Override
    public int getDialectPostProcessorPrecedence() {
        return 1000;
    }

    @Override
    public Set<IPostProcessor> getPostProcessors() {
        return Set.of(new PostProcessor(TemplateMode.HTML, Handler.class, 1000));
    }

    /** A text with its dates as people read them. */
    public static String of(String text, LocalDate today) {
        return DATE.matcher(text).replaceAll(found -> {
            try {
                String day = Dates.day(LocalDate.parse(found.group(1)), today);
                return Matcher.quoteReplacement(found.group().endsWith("T") ? day + " " : day);
            } catch (DateTimeParseException noDate) {
                return Matcher.quoteReplacement(found.group());
            }
        });
    }

    /** Goes along with a page as it is written. Public, since Thymeleaf makes it. */
    public static final class Handler extends AbstractTemplateHandler {
        private static final Set<String> AS_TYPED = Set.of("textarea", "code", "pre");

        private LocalDate today = LocalDate.EPOCH;
        private int typed;

        @Override
        public void setContext(ITemplateContext context) {
            super.setContext(context);
            today = day(context);
        }

        private static LocalDate day(IContext context) {
            return context.getVariable(TODAY) instanceof LocalDate day ? day : LocalDate.now();
        }

        @Override
        public void handleOpenElement(IOpenElementTag tag) {
            typed += AS_TYPED.contains(tag.getElementCompleteName()) ? 1 : 0;
            super.handleOpenElement(tag);
        }

        @Override
        public void handleCloseElement(ICloseElementTag tag) {
            typed -= AS_TYPED.contains(tag.getElementCompleteName()) ? 1 : 0;
            super.handleCloseElement(tag);
        }

        @Override
        public void handleText(IText text) {
            String words = text.getText();
            if (typed > 0 || !DATE.matcher(words).find()) {
                super.handleText(text);
                return;
            }
            // Drawings are put into pages whole; in them only what stands between the tags is text.
            String readable = words.indexOf('<') < 0
                    ? of(words, today)
                    : BETWEEN_TAGS
                            .matcher(words)
                            .replaceAll(found -> Matcher.quoteReplacement(found.group(1) + of(found.group(2), today)));
            super.handleText(getContext().getModelFactory().createText(readable));
        }
    }
}
