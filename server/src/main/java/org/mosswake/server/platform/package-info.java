/** What every capability stands on: HTTP guards, strict JSON, problems, database start and the OpenAPI document. */
@ApplicationModule(type = ApplicationModule.Type.OPEN)
package org.mosswake.server.platform;

import org.springframework.modulith.ApplicationModule;
