/** Weights of the call as the owner's own days have them: fitted from the log and its plans, shown, switched on and off. */
package org.mosswake.server.weights;
