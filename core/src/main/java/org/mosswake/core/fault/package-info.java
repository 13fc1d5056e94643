/**
 * One catalogue of what can be wrong with input. Every fault carries a stable code, the path of the field, the
 * offending value and the mend. A {@link org.mosswake.core.fault.FaultException} is always about input; our own bugs
 * throw something else. Faults of one request are collected in {@link org.mosswake.core.fault.Faults} and answered
 * together.
 */
package org.mosswake.core.fault;
