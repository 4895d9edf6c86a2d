package org.pelluna.app.web;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.pelluna.app.storage.NotFoundException;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.MethodParameter;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Gives handlers their {@link Here}. {@link TankGate} has looked before whether the tank is the keeper's. */
@Configuration
class HereArgument implements HandlerMethodArgumentResolver, WebMvcConfigurer {
    private final TankCache cache;

    HereArgument(TankCache cache) {
        this.cache = cache;
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(this);
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Here.class;
    }

    @Override
    public Here resolveArgument(
            MethodParameter parameter,
            ModelAndViewContainer container,
            NativeWebRequest request,
            WebDataBinderFactory binders) {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        Object variables = request.getAttribute(
                HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
        if (signedIn == null
                || !(signedIn.getPrincipal() instanceof SignedInKeeper keeper)
                || !(variables instanceof Map<?, ?> path)
                || !(path.get("tankId") instanceof String tank)) {
            throw new NotFoundException("tank");
        }
        // The frame has put the units into the model before any handler is called.
        Measures measures = container.getModel().get("measures") instanceof Measures units ? units : Measures.METRIC;
        return new Here(keeper.id(), UUID.fromString(tank), measures, cache);
    }
}
