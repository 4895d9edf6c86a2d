package org.pelluna.app.web;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.thymeleaf.IEngineConfiguration;
import org.thymeleaf.spring6.templateresolver.SpringResourceTemplateResolver;
import org.thymeleaf.templateresource.ITemplateResource;
import org.thymeleaf.templateresource.StringTemplateResource;

/** Templates are laid out for whoever edits them; read once, line ends and indents become one space, so that pages stay small. */
@Configuration
class TemplateSpacing {
    @Bean
    SpringResourceTemplateResolver defaultTemplateResolver() {
        SpringResourceTemplateResolver resolver = new Joined();
        resolver.setPrefix("classpath:/templates/");
        resolver.setSuffix(".html");
        return resolver;
    }

    /** Space within a {@code pre} or {@code textarea} would be lost: no template has any. */
    private static final class Joined extends SpringResourceTemplateResolver {
        @Override
        protected ITemplateResource computeTemplateResource(
                IEngineConfiguration configuration,
                String ownerTemplate,
                String template,
                String resourceName,
                String characterEncoding,
                Map<String, Object> attributes) {
            ITemplateResource file = super.computeTemplateResource(
                    configuration, ownerTemplate, template, resourceName, characterEncoding, attributes);
            try (BufferedReader reader = new BufferedReader(file.reader())) {
                return new StringTemplateResource(reader.lines()
                        .map(String::strip)
                        .collect(Collectors.joining(" "))
                        .replace("\" >", "\">"));
            } catch (IOException unreadable) {
                throw new UncheckedIOException(unreadable);
            }
        }
    }
}
