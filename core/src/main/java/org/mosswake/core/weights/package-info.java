/** Weights of the call, corrected by what the owner's own days brought. */
package org.mosswake.core.weights;
