package bersaglio.server.access;

import bersaglio.server.problem.PageForPeople;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the page, under a content policy that lets it load and run only what ships with it. */
@RestController
class PageController implements WebMvcConfigurer, PageForPeople {

    private static final String POLICY = "default-src 'self'; script-src 'self'; style-src 'self' 'nonce-%s'; "
            + "img-src 'self' data: blob:; media-src 'self' blob:; object-src 'none'; base-uri 'none'; "
            + "form-action 'self'; frame-ancestors 'none'";
    private static final String NONCE_PLACE = "page-nonce";

    private final SecureRandom random = new SecureRandom();

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/web/assets/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable());
        registry.addResourceHandler("/*.js", "/*.webmanifest", "/*.svg", "/*.png")
                .addResourceLocations("classpath:/web/")
                .setCacheControl(CacheControl.noCache());
    }

    @GetMapping(
            path = {
                "/",
                "/index.html",
                "/courtside/**",
                "/players/**",
                "/drills/**",
                "/groups/**",
                "/matches/**",
                "/squad",
                "/queue/**",
                "/sessions/**"
            },
            produces = MediaType.TEXT_HTML_VALUE)
    ResponseEntity<String> page() throws IOException {
        return page(HttpStatus.OK);
    }

    @Override
    public ResponseEntity<String> nothingHere() {
        try {
            return page(HttpStatus.NOT_FOUND);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private ResponseEntity<String> page(HttpStatus status) throws IOException {
        ClassPathResource page = new ClassPathResource("web/index.html");
        if (!page.exists()) {
            return ResponseEntity.status(status)
                    .contentType(MediaType.TEXT_HTML)
                    .body("<!doctype html><title>Bersaglio</title><p>This server has no page packed in.");
        }
        byte[] secret = new byte[18];
        random.nextBytes(secret);
        String nonce = Base64.getUrlEncoder().encodeToString(secret);
        String html = page.getContentAsString(StandardCharsets.UTF_8).replace(NONCE_PLACE, nonce);
        return ResponseEntity.status(status)
                .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
                .header("Content-Security-Policy", POLICY.formatted(nonce))
                .cacheControl(CacheControl.noCache())
                .body(html);
    }
}
