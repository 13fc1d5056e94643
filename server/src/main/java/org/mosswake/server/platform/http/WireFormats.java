package org.mosswake.server.platform.http;

import jakarta.servlet.Filter;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.filter.ShallowEtagHeaderFilter;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** JSON, and nothing that a library on the path would read as well; answers that did not change are not sent again. */
@Configuration
class WireFormats implements WebMvcConfigurer {
    @Override
    public void configureMessageConverters(HttpMessageConverters.ServerBuilder converters) {
        converters.configureMessageConvertersList(all -> all.removeIf(one -> one.getSupportedMediaTypes().stream()
                .map(type -> type.getSubtype())
                .anyMatch(type -> type.contains("yaml") || type.contains("xml") || type.contains("cbor"))));
    }

    @Bean
    FilterRegistrationBean<Filter> unchanged() {
        var filter = new Unchanged();
        // A compressed answer is the same answer: a weak tag says so.
        filter.setWriteWeakETag(true);
        var registration = new FilterRegistrationBean<Filter>(filter);
        registration.addUrlPatterns("/api/*");
        registration.setOrder(Ordered.HIGHEST_PRECEDENCE + 30);
        return registration;
    }

    /** Only what is read and told in one piece can be the same as before. */
    private static final class Unchanged extends ShallowEtagHeaderFilter {
        @Override
        protected boolean shouldNotFilter(HttpServletRequest request) {
            return !request.getMethod().equals("GET");
        }

        @Override
        protected boolean shouldNotFilterAsyncDispatch() {
            return true;
        }
    }
}
