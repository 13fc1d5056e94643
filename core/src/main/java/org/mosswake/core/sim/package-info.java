/** Simulated stand-ins that ship with the product: a boat that writes what real instruments would. */
package org.mosswake.core.sim;
