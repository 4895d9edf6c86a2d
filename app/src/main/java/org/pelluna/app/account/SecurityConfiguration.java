package org.pelluna.app.account;

import jakarta.servlet.http.HttpServletRequest;
import org.pelluna.app.storage.Keepers;
import org.springframework.boot.web.server.autoconfigure.ServerProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.env.Environment;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.session.web.http.CookieSerializer;

/** Who may see what, and what a browser may load. */
@Configuration
class SecurityConfiguration {
    /** Everything from our own origin; no inline scripts or styles, no frames, no objects. */
    private static final String CONTENT_SECURITY_POLICY = "default-src 'none'; script-src 'self'; style-src 'self';"
            + " font-src 'self'; img-src 'self' data:; connect-src 'self'; form-action 'self'; base-uri 'none';"
            + " frame-ancestors 'none'; object-src 'none'";

    @Bean
    SecurityFilterChain security(
            HttpSecurity http, RequestCache wanted, ServerProperties server, Environment environment) {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/assets/**",
                                "/favicon.ico",
                                "/sign-in",
                                "/sign-in/code",
                                "/sign-up",
                                "/recover",
                                "/recover/*",
                                "/confirm-mail/*",
                                "/notices/stop/*",
                                "/outbox",
                                "/licences",
                                "/glossary",
                                "/error",
                                "/actuator/health/**",
                                "/share/**",
                                "/calendar/*")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/sign-in/demo", "/look")
                        .permitAll()
                        .requestMatchers(request -> isManagement(request, environment))
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .exceptionHandling(
                        trouble -> trouble.authenticationEntryPoint(new LoginUrlAuthenticationEntryPoint("/sign-in")))
                .requestCache(cache -> cache.requestCache(wanted))
                .csrf(csrf -> csrf.csrfTokenRepository(new FormTokens(secure(server)))
                        .ignoringRequestMatchers("/notices/stop/*"))
                .logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?left"))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                        .addHeaderWriter(new StaticHeadersWriter("Service-Worker-Allowed", "/"))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    /** What an operator watches has a port of its own on loopback; nothing else is served there. */
    private static boolean isManagement(HttpServletRequest request, Environment environment) {
        Integer management = environment.getProperty("local.management.port", Integer.class);
        return management != null
                && management == request.getLocalPort()
                && !management.equals(environment.getProperty("local.server.port", Integer.class));
    }

    private static boolean secure(ServerProperties server) {
        return Boolean.TRUE.equals(server.getServlet().getSession().getCookie().getSecure());
    }

    /** The page that was asked for before signing in is remembered by the browser: nobody without an account leaves a session. */
    @Bean
    RequestCache wanted() {
        return new CookieRequestCache();
    }

    @Bean
    CookieSerializer sessionCookie(ServerProperties server) {
        return new SessionCookie(server);
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwordHashes() {
        return new BCryptPasswordEncoder(12);
    }

    @Bean
    UserDetailsService keepersByName(Keepers keepers) {
        return username -> keepers.findByUsername(username.strip().toLowerCase(java.util.Locale.ROOT))
                .map(KeeperPrincipal::of)
                .orElseThrow(() -> new UsernameNotFoundException("no such keeper"));
    }
}
