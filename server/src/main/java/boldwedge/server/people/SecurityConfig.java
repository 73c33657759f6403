package boldwedge.server.people;

import boldwedge.server.web.Answers;
import boldwedge.server.web.Refusal;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.config.ObjectPostProcessor;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.HeaderWriterFilter;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.filter.OncePerRequestFilter;

/** Who gets in: by which name, from which page, and over the network by sign-in. */
@Configuration
class SecurityConfig {
    /** Everything comes from the program itself. Styles that components set while they are open stand in the page. */
    private static final String OWN_THINGS_ONLY =
            "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline';"
                    + " img-src 'self' data: blob:; font-src 'self' data:; connect-src 'self'; manifest-src 'self'; worker-src 'self';"
                    + " base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /** What is only reckoned or read, though it is asked for with a body. */
    private static final String[] RECKONED = {
        "/api/plan",
        "/api/plan/**",
        "/api/crib/which",
        "/api/proof/judge",
        "/api/proof/teaches",
        "/api/jobs/work-out",
        "/api/jobs/from-route",
        "/api/jobs/chucking",
        "/api/jobs/edge-life",
        "/api/measure/**",
        "/api/instrument/**"
    };

    @Bean
    SecurityFilterChain whoGetsIn(HttpSecurity http, Door door) {
        http.headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(OWN_THINGS_ONLY))
                        .frameOptions(HeadersConfigurer.FrameOptionsConfig::deny)
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(policy -> policy.policy("geolocation=(), microphone=(), camera=()"))
                        .crossOriginOpenerPolicy(policy -> policy.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                        .crossOriginResourcePolicy(policy -> policy.policy(CrossOriginResourcePolicy.SAME_ORIGIN))
                        // The shop's own certificate is not signed by anybody: a browser must be let to accept it.
                        .httpStrictTransportSecurity(HeadersConfigurer.HstsConfig::disable)
                        .withObjectPostProcessor(new AtOnce()))
                .addFilterAfter(new OwnPageOnly(), HeaderWriterFilter.class)
                .httpBasic(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .exceptionHandling(told -> told.authenticationEntryPoint(
                                (request, response, unknown) -> Answers.write(response, 401))
                        .accessDeniedHandler(SecurityConfig::denied));
        if (!door.isOpen()) {
            http.csrf(AbstractHttpConfigurer::disable)
                    .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                    .authorizeHttpRequests(all -> all.anyRequest().permitAll());
            return http.build();
        }
        http.csrf(csrf -> csrf.spa())
                .authorizeHttpRequests(may -> may.requestMatchers(
                                "/api/people/me",
                                "/api/people/first",
                                "/api/people/recover",
                                "/api/people/reset",
                                "/api/people/sign-in",
                                "/api/people/pair")
                        .permitAll()
                        .requestMatchers(
                                "/api/people/sign-out",
                                "/api/people/sign-out-everywhere",
                                "/api/people/pairings",
                                "/api/people/passphrase",
                                "/api/people/second-factor",
                                "/api/people/second-factor/**",
                                "/api/people/devices",
                                "/api/people/devices/**")
                        .authenticated()
                        .requestMatchers("/api/people", "/api/people/**", "/api/journal", "/api/journal/**")
                        .hasRole("OWNER")
                        .requestMatchers(RECKONED)
                        .authenticated()
                        .requestMatchers(HttpMethod.GET, "/api/**")
                        .authenticated()
                        .requestMatchers("/api/**")
                        .hasAnyRole("OWNER", "MAKER")
                        // Which library of which version it is built from helps who looks for a hole in one.
                        .requestMatchers("/third-party-*")
                        .authenticated()
                        // The page itself holds nothing of the shop's.
                        .anyRequest()
                        .permitAll());
        return http.build();
    }

    /** People are looked up by {@link People}; Spring's own way in, with its generated password, is closed. */
    @Bean
    UserDetailsService nobody() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }

    private static void denied(HttpServletRequest request, HttpServletResponse response, AccessDeniedException denied)
            throws IOException {
        if (denied instanceof CsrfException) {
            Answers.write(
                    response,
                    new Refusal(
                            Refusal.Kind.FORBIDDEN,
                            "page-too-old",
                            "This page was open before the last sign-in. What you typed is kept: load the page again, then save.",
                            Map.of()));
        } else {
            Answers.write(response, 403);
        }
    }

    @Bean
    HttpFirewall names(Door door) {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(door::isKnown);
        firewall.setAllowedParameterValues(value -> value.indexOf('\0') < 0);
        return firewall;
    }

    @Bean
    RequestRejectedHandler rejected(Door door) {
        return (request, response, rejection) -> {
            if (!door.isKnown(request.getServerName())) {
                Answers.write(
                        response,
                        new Refusal(
                                Refusal.Kind.FORBIDDEN,
                                "unknown-host",
                                "This program does not go by the name it was asked for. Its owner can add a name with BW_HOSTS.",
                                Map.of()));
            } else {
                Answers.write(response, 400);
            }
        };
    }

    /** The answer to HEAD is ended without being committed by anything that headings could wait for: they are written at once. */
    private static final class AtOnce implements ObjectPostProcessor<HeaderWriterFilter> {
        @Override
        public <F extends HeaderWriterFilter> F postProcess(F filter) {
            filter.setShouldWriteHeadersEagerly(true);
            return filter;
        }
    }

    /** Pages of other sites get nothing done here: whatever is sent with another origin than the program's own is refused. */
    static final class OwnPageOnly extends OncePerRequestFilter {
        private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");
        private static final Set<String> OWN = Set.of("same-origin", "none");

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            String origin = request.getHeader("Origin");
            String site = request.getHeader("Sec-Fetch-Site");
            String own = request.getScheme() + "://" + request.getHeader("Host");
            boolean elsewhere = origin != null && !origin.equalsIgnoreCase(own);
            boolean written = !READS.contains(request.getMethod());
            if (elsewhere || (written && site != null && !OWN.contains(site))) {
                Answers.write(
                        response,
                        new Refusal(
                                Refusal.Kind.FORBIDDEN,
                                "another-page",
                                "This program answers only its own page. Nothing was changed.",
                                Map.of()));
                return;
            }
            chain.doFilter(request, response);
        }
    }
}
