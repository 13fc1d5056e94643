/**
 * Quantities with types, so that speed through water is never taken for speed over ground nor force for mass; read as
 * people type them and printed in the unit they chose. Inside the product everything is SI.
 *
 * <p>The web reads and prints by the same rules; both are held to {@code units/vectors.json} in the tests.
 */
package org.mosswake.core.units;
