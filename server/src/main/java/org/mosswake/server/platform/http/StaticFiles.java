package org.mosswake.server.platform.http;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;

/** Built assets carry a hash in their name and never change. */
@Configuration
class StaticFiles implements WebMvcConfigurer {
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable())
                .resourceChain(true)
                // The build has packed them already.
                .addResolver(new EncodedResourceResolver());
        registry.addResourceHandler("/licences/**")
                .addResourceLocations("classpath:/static/licences/")
                .setCacheControl(CacheControl.noCache());
        // Asked for again each time: they say which of the others belong to this edition.
        registry.addResourceHandler("/sw.js", "/app.webmanifest")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache());
        registry.addResourceHandler("/favicon.svg", "/icon-192.png", "/icon-512.png")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.maxAge(Duration.ofHours(1)));
    }
}
