/** The served product: one package a capability, and {@code platform} for what all of them stand on. */
package org.mosswake.server;
