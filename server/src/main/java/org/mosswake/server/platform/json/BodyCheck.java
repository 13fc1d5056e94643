package org.mosswake.server.platform.json;

import java.io.IOException;
import java.lang.reflect.Type;
import org.mosswake.core.fault.FaultCode;
import org.mosswake.core.fault.FaultException;
import org.mosswake.core.fault.Faults;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** Answers every fault of a body at once: those met in reading, then those the body finds in itself. */
@ControllerAdvice
class BodyCheck extends RequestBodyAdviceAdapter {
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
        return input;
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
