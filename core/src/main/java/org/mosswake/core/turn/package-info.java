/**
 * Lines while the boat turns, seen from above. A line is a chain of straight, inextensible pieces whose tip moves with
 * the boat; each piece feels drag from its own motion through still water, and nothing has inertia.
 *
 * <p>Axes of the plan: x and y over still water (m), angles counter-clockwise. {@link org.mosswake.core.turn.TurnStudy}
 * finds how far a spread may turn, {@link org.mosswake.core.turn.HelmStudy} follows any helm, and
 * {@link org.mosswake.core.turn.CircleSolver} one line round a circle.
 */
package org.mosswake.core.turn;
