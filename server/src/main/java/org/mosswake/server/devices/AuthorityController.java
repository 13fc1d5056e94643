package org.mosswake.server.devices;

import io.swagger.v3.oas.annotations.Hidden;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The certificate of the boat's own authority: a device that trusts it opens the page without a warning, and without a link. */
@Hidden
@RestController
@ConditionalOnProperty("moss.lan.authority")
class AuthorityController {
    private final Path certificate;

    AuthorityController(@Value("${moss.lan.authority}") Path certificate) {
        this.certificate = certificate;
    }

    @GetMapping("/authority.crt")
    ResponseEntity<Resource> authority() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/x-x509-ca-cert"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"moss-wake-authority.crt\"")
                .body(new FileSystemResource(certificate));
    }
}
