/**
 * The bench: what is tied in which order, how strong, which drag, whether it fits the reel, where the hooks sit, how a
 * let-out is marked, and what must be tied and bought. Everything here is about one boat's tackle as told by whoever
 * asks; which lines a spread has is {@code spread}'s to say. A chain is listed from the reel to the hook.
 */
package org.mosswake.core.rig;
