/**
 * Dangers of the work in one place, in the words they are shown in. Other capabilities say where each applies; none of
 * them replaces local rules or licensed practice.
 */
package org.mosswake.core.caution;
