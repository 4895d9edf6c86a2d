package org.pelluna.app.account;

import org.pelluna.app.storage.Keepers;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.header.writers.StaticHeadersWriter;

/** Who may see what, and what a browser may load. */
@Configuration
class SecurityConfiguration {
    /** Everything from our own origin; no inline scripts or styles, no frames, no objects. */
    private static final String CONTENT_SECURITY_POLICY = "default-src 'none'; script-src 'self'; style-src 'self';"
            + " font-src 'self'; img-src 'self' data:; connect-src 'self'; form-action 'self'; base-uri 'none';"
            + " frame-ancestors 'none'; object-src 'none'";

    @Bean
    SecurityFilterChain security(HttpSecurity http) {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/assets/**",
                                "/favicon.ico",
                                "/sign-in",
                                "/sign-up",
                                "/error",
                                "/actuator/health",
                                "/share/**",
                                "/calendar/*")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/sign-in/demo", "/look")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .formLogin(form -> form.loginPage("/sign-in")
                        .loginProcessingUrl("/sign-in")
                        .failureUrl("/sign-in?refused")
                        .defaultSuccessUrl("/today"))
                .logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?left"))
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_SECURITY_POLICY))
                        .addHeaderWriter(new StaticHeadersWriter("Service-Worker-Allowed", "/"))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwords() {
        return new BCryptPasswordEncoder(12);
    }

    @Bean
    UserDetailsService keepersByName(Keepers keepers) {
        return username -> keepers.findByUsername(username.strip().toLowerCase(java.util.Locale.ROOT))
                .map(KeeperPrincipal::of)
                .orElseThrow(() -> new UsernameNotFoundException("no such keeper"));
    }
}
