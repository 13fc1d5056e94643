/**
 * What to try next and what may be claimed while a day is fished. A try is a small change that teaches and claims nothing
 * ({@link org.mosswake.core.advice.Tries}); a call claims, and of a day on which all is equal it is made in fewer than one of
 * twenty ({@link org.mosswake.core.advice.Calls}), however often anybody looks and however much is asked.
 */
package org.mosswake.core.advice;
