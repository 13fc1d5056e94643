/** What a day suggests, as a change of the spread that was solved and checked before it is offered. */
package org.mosswake.core.moves;
