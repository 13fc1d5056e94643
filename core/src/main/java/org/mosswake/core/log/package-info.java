/**
 * All that was ever fished and struck, in slices: what was taken in how many line-minutes, how sure that is, and what takes
 * more than what. {@link org.mosswake.core.log.Ledger} holds the entries in columns, so that a filter over twenty years is
 * one pass.
 */
package org.mosswake.core.log;
