package org.mosswake.server.platform.json;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Answers every fault of a body at once: those met in reading, then those the body finds in itself. */
@ControllerAdvice
class BodyCheck extends RequestBodyAdviceAdapter {
    private final JsonMapper json;

    BodyCheck(JsonMapper json) {
        this.json = json;
    }

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return parameter.getContainingClass().getPackageName().startsWith("org.mosswake.server");
    }

    @Override
    public HttpInputMessage beforeBodyRead(
            HttpInputMessage input,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter)
            throws IOException {
        WireFaults.begin();
        byte[] bytes = input.getBody().readAllBytes();
        try {
            UnknownFields.note(json.readTree(bytes), type, "", WireFaults.current());
        } catch (JacksonException e) {
            // Reading the body itself says what is wrong with it.
        }
        return new Read(bytes, input.getHeaders());
    }

    private record Read(byte[] bytes, HttpHeaders headers) implements HttpInputMessage {
        @Override
        public InputStream getBody() {
            return new ByteArrayInputStream(bytes);
        }

        @Override
        public HttpHeaders getHeaders() {
            return headers;
        }
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage input,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter) {
        Faults faults = WireFaults.current();
        WireFaults.end();
        if (body instanceof Checked checked) {
            checked.check(faults);
        }
        faults.throwIfAny();
        return body;
    }

    @Override
    public Object handleEmptyBody(
            Object body,
            HttpInputMessage input,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter) {
        Faults faults = WireFaults.current();
        WireFaults.end();
        faults.throwIfAny();
        throw FaultException.of(FaultCode.MISSING, "");
    }
}
