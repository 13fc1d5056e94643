/**
 * Where to steer so that the lures, and not the hull, come where they shall. Metres north and east in still water, headings in
 * radians clockwise from north.
 */
package org.mosswake.core.course;
