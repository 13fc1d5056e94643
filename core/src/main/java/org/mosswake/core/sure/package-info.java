/**
 * How sure a computed figure is. Coefficients are estimates; their errors are carried through whatever computes the
 * figure, and what two lines share errs in both alike.
 */
package org.mosswake.core.sure;
