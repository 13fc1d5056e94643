/**
 * Lines while the boat turns, seen from above. A line is a chain of straight, inextensible pieces whose tip moves with
 * the boat; each piece feels drag from its own motion through still water, and nothing has inertia.
 *
 * <p>Axes of the plan: x and y over still water (m), angles counter-clockwise. So far: one line whose tip moves at a
 * steady speed on a circle.
 */
package org.mosswake.core.turn;
