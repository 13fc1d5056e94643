/** Who may reach the server over the boat's own network: devices paired by a code, named, and shut out. */
package org.mosswake.server.devices;
