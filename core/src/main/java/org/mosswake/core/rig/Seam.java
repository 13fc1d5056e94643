package org.mosswake.core.rig;

import java.util.Optional;

/**
 * How a piece of line is made fast at its lower end. At the lure only {@code above} counts. Between two pieces either
 * {@code above} joins them, or it ends the upper one at the {@code fitting} and {@code below} ends the lower one. What is
 * left empty is tied as usual.
 */
public record Seam(Optional<JointKind> above, Optional<Fitting> fitting, Optional<JointKind> below) {
    public static final Seam USUAL = new Seam(Optional.empty(), Optional.empty(), Optional.empty());

    public static Seam of(JointKind above) {
        return new Seam(Optional.of(above), Optional.empty(), Optional.empty());
    }

    public static Seam of(JointKind above, Fitting fitting, JointKind below) {
        return new Seam(Optional.of(above), Optional.of(fitting), Optional.of(below));
    }

    public Seam withAbove(JointKind kind) {
        return new Seam(Optional.of(kind), fitting, below);
    }

    public Seam withBelow(JointKind kind) {
        return new Seam(above, fitting, Optional.of(kind));
    }
}
