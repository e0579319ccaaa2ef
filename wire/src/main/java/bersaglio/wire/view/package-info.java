/** The shapes that cross the network and the page's face: plain records, lengths in metres, times in milliseconds. */
@NullMarked
package bersaglio.wire.view;

import org.jspecify.annotations.NullMarked;
