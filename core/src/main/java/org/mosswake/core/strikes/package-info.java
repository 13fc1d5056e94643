/**
 * What happened, as events that are never changed. The state of a day is their fold, the same in any order of arrival:
 * a correction or an undo is a further event.
 */
package org.mosswake.core.strikes;
