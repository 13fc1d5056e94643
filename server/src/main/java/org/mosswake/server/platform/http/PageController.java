package org.mosswake.server.platform.http;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RestController;

/** The page itself, for every address the page knows; its shell is never cached and carries the style nonce. */
@Hidden
@RestController
class PageController {
    private static final String PLACE = "__NONCE__";
    private static final String END_OF_HEAD = "</head>";

    private final FirstAsked first;

    PageController(FirstAsked first) {
        this.first = first;
    }

    @GetMapping(
            path = {"/", "/boats/**"},
            produces = MediaType.TEXT_HTML_VALUE)
    ResponseEntity<String> page(@RequestAttribute(ContentPolicy.NONCE) String nonce, HttpServletRequest request)
            throws IOException {
        String shell = new ClassPathResource("static/index.html").getContentAsString(StandardCharsets.UTF_8);
        // Over the boat's network the page itself holds nobody's data: who asks may not be paired.
        String links = first.links(request.getRequestURI(), !request.isSecure());
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(shell.replace(PLACE, nonce).replace(END_OF_HEAD, links + END_OF_HEAD));
    }
}
