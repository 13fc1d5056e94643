/** Simulated stand-ins that ship with the product: boats that write what real instruments would, and a sea to practise on. */
package org.mosswake.core.sim;
